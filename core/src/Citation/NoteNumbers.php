<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\CitedSource;

/** Numbers notes as they are called for. The same page of the same source keeps its number; a source is told in full once. */
final class NoteNumbers
{
    /** @var array<string, int> record id => number */
    private array $numbers = [];

    /** @var array<string, CitedSource> sources told in full already, by id */
    private array $told = [];

    /** @var list<list<StyledWords>> */
    private array $notes = [];

    /**
     * @param  list<CitedEvidence>  $evidence
     * @return list<StyledWords> the marks, in order
     */
    public function marks(array $evidence): array
    {
        $marks = [];
        foreach ($evidence as $claim) {
            $number = $this->numbers[$claim->recordId] ??= $this->add($claim);
            $marks[$number] = StyledWords::noteMark($number);
        }
        ksort($marks);

        return array_values($marks);
    }

    /**
     * A note of other words than a citation.
     *
     * @param  list<StyledWords>  $words
     */
    public function remark(array $words): StyledWords
    {
        $this->notes[] = $words;

        return StyledWords::noteMark(count($this->notes));
    }

    /** @return list<list<StyledWords>> in their order, from 1 */
    public function notes(): array
    {
        return $this->notes;
    }

    /** @return list<CitedSource> what was cited, each once */
    public function sources(): array
    {
        return array_values($this->told);
    }

    /** @return list<StyledWords> a citation within a note of other words: in full at first, short after that */
    public function cited(CitedEvidence $claim): array
    {
        $source = $claim->source;
        $words = isset($this->told[$source->id]) ? NoteForms::short($source, $claim->locator) : NoteForms::full($source, $claim->locator);
        $this->told[$source->id] ??= $source;

        return $words;
    }

    private function add(CitedEvidence $claim): int
    {
        $this->notes[] = $this->cited($claim);

        return count($this->notes);
    }
}
