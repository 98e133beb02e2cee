<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\TreeReport;

/** What is asked and not settled, and what was decided and why. */
final readonly class QuestionList extends TreeReport
{
    public function __construct(
        #[Option('Decided', 'With the questions that are decided, and the reason')] public bool $decided = true,
        #[Option('Proof summaries', 'With the proof summaries that were written')] public bool $summaries = true,
    ) {
    }

    public static function code(): string
    {
        return 'questions';
    }

    public static function title(): string
    {
        return 'Questions and proof summaries';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $questions = $material->lists()->questions($personIds);
        $open = array_values(array_filter($questions, static fn (ListedQuestion $one): bool => $one->isOpen()));
        $decided = $this->decided ? array_values(array_filter($questions, static fn (ListedQuestion $one): bool => ! $one->isOpen())) : [];
        $blocks = $open === [] ? [Paragraph::faint('No question is open.')] : [Heading::of(2, 'Open')];
        foreach ($open as $one) {
            $blocks[] = new Entry('•', [StyledWords::plain($one->sentence), ...$one->state === 'open' ? []
                : [StyledWords::faint(" ({$one->state})")]]);
        }
        if ($decided !== []) {
            $blocks[] = Heading::of(2, 'Decided');
        }
        foreach ($decided as $one) {
            $blocks[] = Heading::of(3, $one->sentence);
            $blocks[] = new Paragraph([StyledWords::bold(ucfirst($one->decision === '' ? $one->state : $one->decision)),
                StyledWords::plain($one->reason === '' ? '' : " – {$one->reason}")]);
            foreach ($this->summaries ? array_filter(explode("\n", $one->summary)) : [] as $line) {
                $blocks[] = Paragraph::of($line);
            }
        }

        return [$blocks, new Sheet(['question', 'state', 'decision', 'reason'], array_map(
            static fn (ListedQuestion $one): array => [$one->sentence, $one->state, $one->decision, $one->reason], [...$open,
                ...$decided]))];
    }
}
