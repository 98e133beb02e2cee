<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

final readonly class Paragraph implements Block
{
    /** @param  list<StyledWords>  $words */
    public function __construct(public array $words, public ParagraphStyle $style = ParagraphStyle::Plain)
    {
    }

    public static function of(string $text): self
    {
        return new self([StyledWords::plain($text)]);
    }

    public static function faint(string $text): self
    {
        return new self([StyledWords::faint($text)]);
    }
}
