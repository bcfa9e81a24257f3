/** A place on its way: its name, and the shape of what is to come. */
export const Loading = ({ title }: { readonly title: string }) => (
  <div className="flex flex-col gap-5 p-4 lg:p-6" aria-busy>
    <h1 className="casual text-page font-extrabold">{title}</h1>
    <div className="flex flex-col gap-2 motion-safe:animate-pulse" aria-hidden>
      {Array.from({ length: 6 }, (_, i) => (
        <div key={i} className="sheet h-20" />
      ))}
    </div>
  </div>
)
