<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\ParagraphStyle;
use NorthBough\Core\Tree\CitedSource;

/** Sources as a list at the end of a text, by their words. */
final class Bibliography
{
    /**
     * @param  list<CitedSource>  $sources
     * @return list<Block> none for no sources
     */
    public static function of(array $sources): array
    {
        if ($sources === []) {
            return [];
        }
        $entries = array_map(NoteForms::bibliography(...), $sources);
        usort($entries, static fn (array $one, array $other): int => strnatcasecmp(StyledWords::textOf($one), StyledWords::textOf($other)));

        return [Heading::of(2, 'Bibliography', 'bibliography'), ...array_map(
            static fn (array $words): Paragraph => new Paragraph($words, ParagraphStyle::Hanging), $entries)];
    }
}
