/** How far the tube is turned about itself, seen from end A toward end B: from where the last bend lay, the way of the arrow. */
export function TurnPicture({ degrees }: { degrees: number }) {
  const R = 100;
  const place = (angle: number, radius: number): string => {
    const radians = (angle * Math.PI) / 180;
    return `${radius * Math.sin(radians)} ${-radius * Math.cos(radians)}`;
  };
  const turned = Math.abs(degrees) > 0.05;
  const tip = degrees - Math.sign(degrees) * Math.min(6, Math.abs(degrees) / 2);
  return (
    <svg
      role="img"
      aria-label={`The tube seen from end A: turned ${Math.abs(Math.round(degrees * 10) / 10)}° ${degrees < 0 ? 'anticlockwise' : 'clockwise'}`}
      viewBox="-175 -165 350 330"
      className="h-full max-h-[46vh] w-full"
    >
      <circle r={R} fill="#2b33a0" stroke="#c9d0ff" strokeWidth={4} />
      <circle r={R * 0.82} fill="#171c5c" stroke="#c9d0ff" strokeWidth={2} />
      <path
        d={`M ${place(0, R * 0.5)} L ${place(0, R * 1.28)}`}
        stroke="#c9d0ff"
        strokeWidth={5}
        strokeDasharray="10 7"
      />
      <path
        d={`M ${place(degrees, R * 0.5)} L ${place(degrees, R * 1.28)}`}
        stroke="#ffc83d"
        strokeWidth={8}
      />
      {turned && (
        <>
          <path
            d={`M ${place(0, R * 1.2)} A ${R * 1.2} ${R * 1.2} 0 ${Math.abs(degrees) > 180 ? 1 : 0} ${degrees > 0 ? 1 : 0} ${place(tip, R * 1.2)}`}
            fill="none"
            stroke="#ffc83d"
            strokeWidth={6}
          />
          <path
            transform={`translate(${place(tip, R * 1.2)}) rotate(${tip + (degrees > 0 ? 0 : 180)})`}
            d="M 0 -13 L 22 0 L 0 13 Z"
            fill="#ffc83d"
          />
        </>
      )}
      <text y={158} textAnchor="middle" fill="#fff" fontSize={24}>
        seen from end A
      </text>
    </svg>
  );
}
