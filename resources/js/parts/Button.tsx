import type { ButtonHTMLAttributes, Ref } from 'react'

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: 'plain' | 'main' | 'danger' | 'bare'
  ref?: Ref<HTMLButtonElement>
}

const LOOKS = {
  plain: 'border border-line bg-raised hover:border-edge',
  main: 'border border-transparent bg-ember text-onember font-semibold hover:brightness-110',
  danger: 'border border-rose text-rose bg-transparent hover:bg-rose/10',
  bare: 'border border-transparent bg-transparent hover:bg-line/60',
}

export function Button({ look = 'plain', className = '', ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex print:hidden min-h-9 max-md:min-h-11 max-md:min-w-11 items-center justify-center gap-1.5 rounded-lg px-3 text-sm disabled:opacity-45 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  )
}
