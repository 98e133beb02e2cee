<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

final readonly class Heading implements Block
{
    /**
     * @param  int<1, 4>  $level
     * @param  list<StyledWords>  $words
     * @param  string  $anchor  by which links lead to it; empty where none does
     */
    public function __construct(public int $level, public array $words, public string $anchor = '')
    {
    }

    public static function of(int $level, string $text, string $anchor = ''): self
    {
        return new self(max(1, min(4, $level)), [StyledWords::plain($text)], $anchor);
    }
}
