<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A part of the scene that can be pointed at and chosen, with what is printed in it; x and y are its upper left corner. */
final readonly class HitArea
{
    /**
     * @param  string  $title  whom it is for, in full, where the words in it had to be cut
     * @param  string  $aloud  everything it shows, for whoever cannot see it
     * @param  list<Rule>  $rules
     * @param  list<Text>  $texts
     * @param  list<array{float, float}>  $outline  its corners where it is no rectangle
     * @param  bool  $isByHand  whether its place is the hand's
     * @param  list<Picture>  $pictures
     */
    public function __construct(
        public Gesture $gesture,
        public string $personId,
        public int $number,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $title,
        public string $aloud,
        public array $rules,
        public array $texts,
        public array $outline = [],
        public bool $isByHand = false,
        public array $pictures = [],
    ) {
    }
}
