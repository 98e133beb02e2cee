<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\TreeReport;

/** What was looked for, where, and what came of it, found or not. */
final readonly class ResearchLog extends TreeReport
{
    public function __construct(#[Option('Found', 'With the searches that found something')] public bool $found = true)
    {
    }

    public static function code(): string
    {
        return 'log';
    }

    public static function title(): string
    {
        return 'Research log';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $searches = array_values(array_filter($material->lists()->searches($personIds),
            fn (LoggedSearch $search): bool => $this->found || $search->outcome !== 'found'));
        $cell = static fn (string $words): array => $words === '' ? [] : [StyledWords::plain($words)];

        return [$searches === [] ? [Paragraph::faint('No search was logged.')]
            : [new Table('Searches', ['When', 'Looked for', 'Looked in', 'Outcome', 'What was found', 'For'], array_map(
                static fn (LoggedSearch $one): array => [$cell($one->when), $cell($one->lookedFor), $cell($one->lookedIn),
                    $cell($one->outcome),
                    $cell(trim("{$one->found} {$one->note}")), $cell(implode(', ', $one->people))], $searches))], null];
    }
}
