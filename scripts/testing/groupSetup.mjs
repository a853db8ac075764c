// What it does after each test is done for all files of a group: imported by one of them, it would be done for that one alone.
if (typeof document !== 'undefined') await import('@testing-library/react');
