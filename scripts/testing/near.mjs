export async function near() {}
