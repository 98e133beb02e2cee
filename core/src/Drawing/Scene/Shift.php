<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** Moves parts of a scene as a whole, to the right and down. */
final readonly class Shift
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function text(Text $text): Text
    {
        return new Text($text->x + $this->x, $text->y + $this->y, $text->words, $text->style, $text->anchor, $text->turn);
    }

    public function path(Path $path): Path
    {
        return new Path($this->points($path->points), $path->style, $path->personIds, $path->kind);
    }

    public function rule(Rule $rule): Rule
    {
        return new Rule($rule->fromX + $this->x, $rule->fromY + $this->y, $rule->toX + $this->x, $rule->toY + $this->y, $rule->style);
    }

    public function area(HitArea $area): HitArea
    {
        return new HitArea($area->gesture, $area->personId, $area->number, $area->x + $this->x, $area->y + $this->y, $area->width,
            $area->height, $area->title, $area->aloud, array_map($this->rule(...), $area->rules), array_map($this->text(...), $area->texts),
            $area->outline === [] ? [] : $this->points($area->outline), $area->isByHand,
            array_map($this->picture(...), $area->pictures));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    public function points(array $points): array
    {
        return array_map(fn (array $point): array => [$point[0] + $this->x, $point[1] + $this->y], $points);
    }

    private function picture(Picture $picture): Picture
    {
        return new Picture($picture->x + $this->x, $picture->y + $this->y, $picture->width, $picture->height, $picture->cut,
            $picture->personId);
    }
}
