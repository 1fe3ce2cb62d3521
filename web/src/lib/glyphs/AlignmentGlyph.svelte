<script lang="ts">
  import type { Heading } from '$lib/api/client';

  interface Props {
    heading: Heading;
    size?: number;
    tone?: 'ink' | 'spruce' | 'madder';
  }
  let { heading, size = 30, tone = 'ink' }: Props = $props();
</script>

<!-- The corner of the room with the wall below and the line of dance running out at the right; the wedge is the body. -->
<svg width={size} height={size} viewBox="0 0 32 32" role="img" aria-label={heading.wording} class="shrink-0">
  <title>{heading.wording}</title>
  <path d="M4 28.5H28" stroke="var(--ff-line)" stroke-width="3" />
  <path d="M24 23.5l4.5 5-4.5 3" fill="none" stroke="var(--ff-line)" stroke-width="2" />
  <g transform={`translate(15 14) rotate(${-heading.degrees})`}>
    <path d="M12 0 L-8 -7.5 L-4 0 L-8 7.5 Z" fill={`var(--ff-${tone})`} />
  </g>
</svg>
