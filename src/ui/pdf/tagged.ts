import layoutOf from '@react-pdf/layout'
import renderInto from '@react-pdf/render'
import { Font, pdf, type DocumentProps } from '@react-pdf/renderer'
import PDFDocument from 'pdfkit'
import type { ReactElement } from 'react'

/** What a text, a picture or a part of the page is to whoever has it read out. */
export type Tag = 'H1' | 'H2' | 'H3' | 'H4' | 'P' | 'Figure' | 'Table' | 'TR' | 'TH' | 'TD' | 'Artifact'

/** A node of the page once it is laid out: where it stands is reckoned, and its texts are broken into lines. */
type Laid = {
  readonly type: string
  readonly props?: {
    readonly tag?: Tag
    readonly alt?: string
    readonly fixed?: boolean
    readonly paint?: () => null
  }
  children?: Laid[]
}
type Doc = InstanceType<typeof PDFDocument>
type Element = ReturnType<Doc['struct']>
/** An element that stands once it is painted. */
type Slot = { element: Element | null }

/** Takes no room and paints nothing: it is called when the page has come so far. */
function marker(run: () => void): Laid {
  return {
    type: 'CANVAS',
    props: {
      paint: () => {
        run()
        return null
      },
    },
    style: {},
    box: { top: 0, left: 0, width: 1, height: 1 },
  } as Laid
}

/** Marks what is painted between two markers as content of one element of the structure. */
function content(doc: Doc, node: Laid, tag: Tag, within: Slot): Laid[] {
  const alt = node.props?.alt
  const element: Slot = { element: null }
  const begin = (): void => {
    element.element = doc.struct(tag, alt === undefined ? {} : { alt })
    within.element?.add(element.element)
    element.element.add(doc.markStructureContent(tag))
  }
  const end = (): void => {
    doc.endMarkedContent()
    element.element?.end()
  }
  return [marker(begin), node, marker(end)]
}

/** What is on every page is read out on none, nor what says nothing by itself. */
const artifact = (doc: Doc, node: Laid): Laid[] => [
  marker(() => doc.markContent('Artifact')),
  node,
  marker(() => doc.endMarkedContent()),
]

function tagged(doc: Doc, node: Laid, within: Slot): Laid[] {
  if (node.props?.fixed || node.props?.tag === 'Artifact') return artifact(doc, node)
  switch (node.type) {
    case 'TEXT':
      return content(doc, node, node.props?.tag ?? 'P', within)
    case 'IMAGE':
    case 'SVG':
      // What nobody described says nothing to whoever does not see it.
      return node.props?.alt === undefined ? artifact(doc, node) : content(doc, node, 'Figure', within)
    default: {
      const tag = node.props?.tag
      const inner: Slot = tag === undefined ? within : { element: null }
      node.children = (node.children ?? []).flatMap((child) => tagged(doc, child, inner))
      if (tag === undefined) return [node]
      const begin = (): void => {
        inner.element = doc.struct(tag)
        within.element?.add(inner.element)
      }
      return [marker(begin), node, marker(() => inner.element?.end())]
    }
  }
}

/**
 * A document as PDF with its structure: headings, paragraphs, tables and described pictures in the order they are read, page numbers
 * left out. The library lays pages out and paints them; between the two the structure is woven in, since it knows none itself.
 */
export async function renderTagged(element: ReactElement<DocumentProps>): Promise<Buffer> {
  const made = pdf(element).container as unknown as { readonly document: { readonly props: DocumentProps } }
  const { title, author, language = 'en' } = made.document.props
  const doc = new PDFDocument({
    tagged: true,
    pdfVersion: '1.7',
    lang: language,
    displayTitle: true,
    autoFirstPage: false,
    info: { ...(title ? { Title: title } : {}), ...(author ? { Author: author } : {}) },
  })
  const laid = await (layoutOf as unknown as (document: unknown, fonts: unknown) => Promise<Laid>)(
    made.document,
    Font,
  )
  const root: Slot = { element: doc.struct('Document') }
  doc.addStructure(root.element!)
  for (const page of laid.children ?? [])
    page.children = (page.children ?? []).flatMap((child) => tagged(doc, child, root))
  laid.children?.at(-1)?.children?.push(marker(() => root.element?.end()))
  const pieces: Buffer[] = []
  const whole = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (piece: Buffer) => pieces.push(piece))
    doc.on('end', () => resolve(Buffer.concat(pieces)))
    doc.on('error', reject)
  })
  ;(renderInto as unknown as (doc: Doc, laid: Laid) => void)(doc, laid)
  return whole
}
