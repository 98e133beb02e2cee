<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Tree\PictureCut;

/** A person as type on paper. Units are those of the scene; x and y are the upper left corner. */
final readonly class Box
{
    /**
     * @param  list<string>  $nameLines  the name, broken to fit
     * @param  list<string>  $lines  what is told beneath, each cut to fit
     * @param  string  $fullName  for whoever cannot see the box
     * @param  string  $rule  what the rule at the left tells: cited, partly, uncited; empty where evidence is not shown
     * @param  list<Stop>  $stops  where its lines go no further
     * @param  string  $footing  how far the lines to the parents are proved, in words; empty where nothing is to be said
     * @param  string  $waiting  what waits for a decision, in words
     * @param  PictureCut|null  $portrait  at the left of the words
     * @param  bool  $isByHand  whether its place is the hand's
     */
    public function __construct(
        public string $personId,
        public int $number,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public array $nameLines,
        public array $lines,
        public string $fullName,
        public string $rule,
        public array $stops = [],
        public string $footing = '',
        public string $waiting = '',
        public ?PictureCut $portrait = null,
        public bool $isByHand = false,
    ) {
    }

    public function at(float $x, float $y, bool $isByHand): self
    {
        return new self($this->personId, $this->number, $x, $y, $this->width, $this->height, $this->nameLines, $this->lines,
            $this->fullName,
            $this->rule, $this->stops, $this->footing, $this->waiting, $this->portrait, $isByHand);
    }
}
