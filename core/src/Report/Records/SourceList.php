<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Records;

use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\ParagraphStyle;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\TreeReport;

/** Sources as a bibliography, by who holds them. */
final readonly class SourceList extends TreeReport
{
    public function __construct(
        #[Option('By repository', 'With the sources of each repository together')] public bool $grouped = true,
        #[Option('Uncited', 'With sources that nothing cites')] public bool $uncited = true,
    ) {
    }

    public static function code(): string
    {
        return 'sources';
    }

    public static function title(): string
    {
        return 'Sources';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $sources = array_values(array_filter($material->lists()->sources($personIds),
            fn (ListedSource $one): bool => $this->uncited || $one->citations > 0));
        $groups = [];
        foreach ($sources as $one) {
            $groups[$this->grouped ? $one->source->repository : ''][] = $one;
        }
        uksort($groups, static fn (string $a, string $b): int => ($a === '') <=> ($b === '') ?: strnatcasecmp($a, $b));
        $blocks = $sources === [] ? [Paragraph::faint('There are no sources yet.')] : [];
        foreach ($groups as $repository => $ones) {
            if ($this->grouped) {
                $blocks[] = Heading::of(2, $repository === '' ? 'Held by nobody who is named' : (string) $repository);
            }
            foreach ($ones as $one) {
                $blocks[] = new Paragraph([...NoteForms::bibliography($one->source), StyledWords::faint(" ({$one->citations} citations)")],
                    ParagraphStyle::Hanging);
            }
        }

        return [$blocks, new Sheet(['title', 'author', 'publication', 'repository', 'call number', 'citations'], array_map(
            static fn (ListedSource $one): array => [$one->source->title, $one->source->author, $one->source->publication,
                $one->source->repository, $one->callNumber, (string) $one->citations], $sources))];
    }
}
