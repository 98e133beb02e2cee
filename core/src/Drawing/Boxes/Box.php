<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

/** A person as type on paper. Units are those of the scene; x and y are the upper left corner. */
final readonly class Box
{
    /**
     * @param  list<string>  $nameLines  the name, broken to fit
     * @param  list<string>  $lines  dates and places, each cut to fit
     * @param  string  $fullName  for whoever cannot see the box
     * @param  string  $rule  what the rule at the left tells: cited, partly, uncited
     * @param  string  $mark  what stands at the end of the line to the child: ad., fo., …
     * @param  string  $more  why the drawing stops here; empty where it goes on or nothing more is known
     * @param  string  $footing  how far the lines to the parents are proved, in words; empty where nothing is to be said
     * @param  bool  $linesAtLeft  whether the lines to the parents, and the mark at their end, leave at the left
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
        public string $mark,
        public string $more,
        public string $footing = '',
        public bool $linesAtLeft = false,
    ) {
    }
}
