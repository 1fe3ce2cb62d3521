/** Things in a row that are dragged to another place in it. */
export class Reordering {
  #dragged = $state<number>();
  #over = $state<number>();

  /** @param move told which is to go where */
  constructor(private readonly move: (from: number, to: number) => void) {}

  /** Whether what is dragged would be dropped there, and not where it came from. */
  isOver(index: number) {
    return this.#over === index && this.#dragged !== index;
  }

  /** What makes an element one of them. */
  of(index: number, title: string) {
    return {
      draggable: true,
      ondragstart: (event: DragEvent) => {
        this.#dragged = index;
        event.dataTransfer?.setData('text/plain', title);
      },
      ondragover: (event: DragEvent) => {
        event.preventDefault();
        this.#over = index;
      },
      ondrop: (event: DragEvent) => {
        event.preventDefault();
        if (this.#dragged !== undefined) this.move(this.#dragged, index);
        this.#end();
      },
      ondragend: () => this.#end(),
    };
  }

  #end() {
    this.#dragged = undefined;
    this.#over = undefined;
  }
}
