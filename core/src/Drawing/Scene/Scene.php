<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

use NorthBough\Core\Drawing\Cast\Stop;

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
     * @param  list<Stop>  $stops  where lines go no further, and how many are not drawn
     * @param  list<Picture>  $pictures
     */
    public function __construct(
        public string $title,
        public float $width,
        public float $height,
        public array $paths,
        public array $areas,
        public Text $foot,
        public array $texts = [],
        public array $stops = [],
        public array $pictures = [],
    ) {
    }

    /**
     * The same with more words and pictures on it, as large as these need.
     *
     * @param  list<Text>  $texts
     * @param  list<Picture>  $pictures
     */
    public function with(array $texts, array $pictures, float $width, float $height): self
    {
        $down = max(0.0, $height - $this->height);

        return new self($this->title, max($width, $this->width), $this->height + $down, $this->paths, $this->areas,
            new Text($this->foot->x, $this->foot->y + $down, $this->foot->words, $this->foot->style),
            [...$this->texts, ...$texts], $this->stops, [...$this->pictures, ...$pictures]);
    }

    /** The same by another title. */
    public function titled(string $title): self
    {
        return new self($title, $this->width, $this->height, $this->paths, $this->areas, $this->foot, $this->texts, $this->stops,
            $this->pictures);
    }

    /** @return list<HitArea> those who are drawn, without what only leads on */
    public function people(): array
    {
        return array_values(array_filter($this->areas, static fn (HitArea $area): bool => $area->gesture === Gesture::Open));
    }
}
