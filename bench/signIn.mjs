/** Signs somebody of the demo in as the page does, its lead where nobody is named, and gives the cookies that go with what follows. */
export async function signIn(base, email = 'lead@tarnholt.example') {
  const cookies = new Map();
  const keep = (response) => {
    for (const cookie of response.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split(/=(.*)/s);
      cookies.set(name, value);
    }
  };
  const sent = () => [...cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  const headers = { Accept: 'application/json', Referer: base + '/' };
  keep(await fetch(base + '/sanctum/csrf-cookie', { headers }));
  const response = await fetch(base + '/api/v1/session', {
    method: 'POST',
    headers: {
      ...headers,
      'Content-Type': 'application/json',
      'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN')),
      Cookie: sent(),
    },
    body: JSON.stringify({ email, password: 'cable-car' }),
  });
  if (!response.ok) throw new Error(`Sign-in: ${response.status} ${await response.text()}`);
  keep(response);
  return sent();
}
