<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/**
 * A drawing as strokes, words and areas to point at, each measured and in its place: whatever paints it needs no
 * number of its own. The upper left corner is 0, 0. Paths lie lowest.
 */
final readonly class Scene
{
    /**
     * @param  list<Path>  $paths
     * @param  list<HitArea>  $areas
     * @param  Text  $foot  what the strokes mean; the page says it in its own place
     * @param  list<Text>  $texts  words that belong to nobody, such as the years of an axis
     */
    public function __construct(
        public string $title,
        public float $width,
        public float $height,
        public array $paths,
        public array $areas,
        public Text $foot,
        public array $texts = [],
    ) {
    }

    /** @return list<HitArea> those who are drawn, without what only leads on */
    public function people(): array
    {
        return array_values(array_filter($this->areas, static fn (HitArea $area): bool => $area->gesture === Gesture::Open));
    }
}
