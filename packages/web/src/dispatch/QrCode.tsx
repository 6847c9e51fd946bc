import { useQuery } from '@tanstack/react-query'

/** The address as a QR code (ISO/IEC 18004), to look at and to take along as SVG or PNG with the address under it. */
export function QrCode({ address, name }: { readonly address: string; readonly name: string }) {
  const code = useQuery({
    queryKey: ['dispatch', 'qr', address],
    queryFn: async () => (await import('./qr-code')).qrCode(address),
    staleTime: Infinity,
  })
  if (!code.data) return null
  const { svg, png } = code.data
  const file = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')
  return (
    <figure className="my-2">
      <img src={svg} alt={`QR code of ${address}`} className="size-40 bg-white p-1" />
      <figcaption className="flex gap-3 pt-1 text-xs">
        <a className="underline" href={svg} download={`${file}.svg`}>
          QR code as SVG
        </a>
        <a className="underline" href={png} download={`${file}.png`}>
          as PNG
        </a>
      </figcaption>
    </figure>
  )
}
