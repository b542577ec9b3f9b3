/** Hands a file to the browser. */
export function download(content: Blob, name: string) {
  const link = window.document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
