<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Scene\Text;

/** Where the boxes of people and the lines between them stand. The upper left corner is 0, 0. */
final readonly class BoxLayout
{
    /**
     * @param  list<Box>  $boxes
     * @param  list<Line>  $lines
     * @param  list<Text>  $marks  at the child's end of a line: ad., fo., …
     * @param  int  $crossings  how often lines cross
     */
    public function __construct(
        public string $title,
        public float $width,
        public float $height,
        public array $boxes,
        public array $lines,
        public array $marks = [],
        public int $crossings = 0,
    ) {
    }
}
