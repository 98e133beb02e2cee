<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\TreeReport;

/** What does not agree, the worst first. */
final readonly class FindingList extends TreeReport
{
    public function __construct(#[Option('Strains', 'With what can hardly be, besides what cannot')] public bool $strains = true)
    {
    }

    public static function code(): string
    {
        return 'findings';
    }

    public static function title(): string
    {
        return 'Findings';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $findings = array_values(array_filter($material->lists()->findings($personIds),
            fn (ListedFinding $one): bool => $this->strains || $one->isHard));

        return [$findings === [] ? [Paragraph::faint('Nothing disagrees.')]
            : [new Table('Findings', ['About', 'What', 'Ground', 'How bad'], array_map(static fn (ListedFinding $one): array => [
                [StyledWords::plain($one->about)], [StyledWords::plain($one->sentence)], [StyledWords::plain($one->ground)],
                [StyledWords::plain($one->isHard ? 'cannot be' : 'can hardly be')],
            ], $findings))], null];
    }
}
