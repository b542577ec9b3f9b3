import type { LucideIcon } from 'lucide-react'
import type { ButtonHTMLAttributes } from 'react'
import { Button } from './Button'

type Props = Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'children'> & { icon: LucideIcon; label: string }

/** A button of an icon alone; its label says what it does. */
export function IconButton({ icon: Icon, label, className = '', ...rest }: Props) {
  return (
    <Button look="bare" className={`px-1.5 ${className}`} aria-label={label} title={label} {...rest}>
      <Icon size={15} aria-hidden />
    </Button>
  )
}
