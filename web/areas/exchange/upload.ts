import { api, guard, refusal, unwrap, type Schemas } from '../../api/client'

async function hash(piece: ArrayBuffer): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', piece)
  return [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** Sends a file in pieces, each with its hash; a piece that fails is sent again from where the server stands. */
export async function upload(
  file: File,
  onShare: (share: number) => void,
  signal: AbortSignal,
): Promise<string> {
  const begun = await unwrap(api.POST('/api/uploads', { body: { name: file.name, size: file.size } }))
  let sent = begun.received
  let tries = 0
  while (sent < file.size) {
    if (signal.aborted) throw new Error('Stopped. What was sent of it is thrown away.')
    const piece = await file.slice(sent, sent + begun.pieceBytes).arrayBuffer()
    const response = await fetch(`/api/uploads/${begun.id}?offset=${sent}`, {
      method: 'PUT',
      signal,
      body: piece,
      headers: {
        ...guard(),
        'X-Piece-Sha256': await hash(piece),
        'Content-Type': 'application/octet-stream',
      },
    }).catch(() => null)
    if (response?.ok) {
      sent = ((await response.json()) as Schemas['UploadResource']).received
      tries = 0
    } else if (++tries > 4) {
      throw response ? await refusal(response) : new Error('The line broke. Nothing is lost; try again.')
    } else {
      await new Promise((resolve) => setTimeout(resolve, 500 * tries))
      sent = (await unwrap(api.GET('/api/uploads/{upload}', { params: { path: { upload: begun.id } } })))
        .received
    }
    onShare(sent / file.size)
  }
  return begun.id
}
