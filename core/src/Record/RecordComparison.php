<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Record\Inference\DoubtfulReadingInference;
use NorthBough\Core\Record\Inference\InferenceRules;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/**
 * What each line of a record asserts, compared with the tree once its people are placed. What is there is not entered
 * twice.
 */
final readonly class RecordComparison
{
    /** @var array<string, Person> */
    private array $people;

    /** @var array<string, list<Union>> */
    private array $unions;

    /** @var array<string, list<\NorthBough\Core\Tree\ParentSet>> */
    private array $parentSets;

    /**
     * @param  array<string, string>  $placed  person by line; a line that is missing is somebody new, or nobody yet
     * @param  string  $recordId  of the record itself: what came from it is no support for what it tells
     * @param  \Closure(string): string  $whyRuledOut  told the id of a fact or a tie that was ruled out
     */
    public function __construct(
        private Roll $roll,
        private array $placed,
        TreeView $tree,
        private string $recordId,
        private \Closure $whyRuledOut,
    ) {
        $ids = array_values(array_unique($placed));
        $this->people = $tree->lives($ids);
        $this->unions = $tree->unionsOf($ids);
        $this->parentSets = $tree->parentSets($ids);
    }

    /** @return list<AssertionCheck> */
    public function of(RollLine $line): array
    {
        return array_map(function (Assertion $assertion): AssertionCheck {
            $check = $this->compare($assertion);

            return $assertion->reading === '' ? $check : $check->onlyIfWanted();
        }, DoubtfulReadingInference::of($this->roll, $line));
    }

    private function compare(Assertion $assertion): AssertionCheck
    {
        return match ($assertion->of) {
            AssertionSubject::Person => $this->fact($assertion),
            AssertionSubject::Couple => $this->coupleFact($assertion),
            AssertionSubject::Partner => $this->partner($assertion),
            AssertionSubject::Child => $this->child($assertion),
            AssertionSubject::Sex => $this->sex($assertion),
            AssertionSubject::Remark => $this->remark($assertion),
        };
    }

    private function fact(Assertion $assertion): AssertionCheck
    {
        $person = $this->person($assertion->lineId);

        return $person === null ? AssertionCheck::new($assertion)
            : FactComparison::standing($assertion, $person->events, $this->whyRuledOut);
    }

    private function coupleFact(Assertion $assertion): AssertionCheck
    {
        $union = $this->union($assertion);

        return $union === null ? AssertionCheck::new($assertion) : FactComparison::standing($assertion, $union->events, $this->whyRuledOut);
    }

    private function partner(Assertion $assertion): AssertionCheck
    {
        $ruledOut = $this->ruledOutUnion($assertion);
        if ($ruledOut !== null && $this->union($assertion) === null) {
            return $this->repeating($assertion, 'They were ruled out as a couple', $ruledOut);
        }

        return $this->union($assertion) !== null
            ? AssertionCheck::there($assertion, Agreement::Agrees, 'They are partners in the tree.')
            : AssertionCheck::new($assertion, isWanted: $assertion->isSaid || ! $this->areBothKnown($assertion));
    }

    /** A tie that the words do not say is wanted only where the family confirms it: the couple stands, and was wed before the birth. */
    private function child(Assertion $assertion): AssertionCheck
    {
        $child = $this->placed[$assertion->lineId] ?? null;
        $parent = $this->placed[$assertion->otherLineId] ?? null;
        $byBirth = 0;
        foreach ($child === null ? [] : $this->parentSets[$child] ?? [] as $set) {
            foreach ($set->parents as $tie) {
                if ($tie->personId === $parent && $tie->standing === Standing::RuledOut) {
                    return $assertion->isSaid ? $this->repeating($assertion, 'That was ruled out', $tie->id)
                        : AssertionCheck::remark($assertion, 'That was ruled out.');
                }
                if ($tie->personId === $parent) {
                    return AssertionCheck::there($assertion, Agreement::Agrees, 'They are parent and child in the tree.');
                }
                $byBirth += $tie->kind === ParentageKind::Birth && $tie->standing->mayLead() ? 1 : 0;
            }
        }
        if ($byBirth > 1 && ! $assertion->isSaid) {
            // Whose child it is besides the head's, the page leaves open: what the tree knows is no contradiction.
            return AssertionCheck::remark($assertion, 'The page does not say so, and the tree has two parents by birth.');
        }
        if ($byBirth > 1) {
            return AssertionCheck::barred($assertion, 'The tree has two parents by birth already, and this is neither.');
        }

        return AssertionCheck::new($assertion, isWanted: $assertion->isSaid || $this->isBornInWedlock($assertion));
    }

    private function isBornInWedlock(Assertion $assertion): bool
    {
        $line = $this->roll->line($assertion->lineId);
        $head = $line === null ? null : $this->roll->principalOf($line);
        $union = $head === null ? null : $this->unionOf($this->placed[$head->id] ?? null, $this->placed[$assertion->otherLineId] ?? null);
        $marriage = $union?->marriage();
        $wed = $marriage !== null && $this->standsByItself($marriage) ? $marriage->date->span()?->earliest : null;
        $born = null;
        foreach ($line === null ? [] : InferenceRules::of($this->roll, $line) as $otherId) {
            $born ??= $otherId->kind === 'birth' ? $otherId->date->span()?->latest : null;
        }

        return $wed !== null && $born !== null && $wed <= $born;
    }

    /** Whether something is told by more than this very page. */
    private function standsByItself(Event $event): bool
    {
        $elsewhere = array_filter($event->grounds(), fn (CitedEvidence $claim): bool => $claim->recordId !== $this->recordId);

        return $event->evidence === [] || $elsewhere !== [];
    }

    /** The tie that was ruled out between the two of an assertion; null where none was. */
    private function ruledOutUnion(Assertion $assertion): ?string
    {
        [$personId, $otherId] = [$this->placed[$assertion->lineId] ?? '', $this->placed[$assertion->otherLineId] ?? ''];
        foreach ([[$personId, $otherId], [$otherId, $personId]] as [$who, $whom]) {
            foreach ($this->unions[$who] ?? [] as $union) {
                if ($whom !== '' && in_array($whom, $union->ruledOutIds(), true)) {
                    return $union->tieIds[$whom] ?? '';
                }
            }
        }

        return null;
    }

    private function repeating(Assertion $assertion, string $says, string $tieId): AssertionCheck
    {
        $why = $tieId === '' ? '' : ($this->whyRuledOut)($tieId);

        return AssertionCheck::repeating($assertion, $says.($why === '' ? '.' : ' because: '.rtrim($why, '.').'.'));
    }

    private function sex(Assertion $assertion): AssertionCheck
    {
        $person = $this->person($assertion->lineId);

        return match (true) {
            $person === null, $person->sex === Sex::Unknown => AssertionCheck::new($assertion),
            $person->sex->value === $assertion->value => AssertionCheck::there($assertion, Agreement::Agrees,
                "The tree says {$person->sex->word()}."),
            default => AssertionCheck::there($assertion, Agreement::Contradicts, "The tree says {$person->sex->word()}."),
        };
    }

    private function remark(Assertion $assertion): AssertionCheck
    {
        $person = $this->person($assertion->lineId);
        $death = $person?->vitals()->end();
        $day = $assertion->date->span()?->earliest;
        if ($assertion->kind === 'alive' && $day !== null && $death?->date->span()?->latest !== null && $death->date->span()
            ->latest < $day) {
            return AssertionCheck::barred($assertion, "The tree has the {$this->word($death)} on {$death->date->shown}, before that day.");
        }
        if ($assertion->kind === 'children' && $person !== null) {
            return AssertionCheck::remark($assertion, $this->childrenKnown($assertion, $person));
        }

        if ($assertion->kind === 'condition' && $person !== null && str_starts_with(mb_strtolower($assertion->words), 'm')) {
            foreach ($this->unions[$person->id] ?? [] as $union) {
                if ($union->marriage() !== null) {
                    return AssertionCheck::there($assertion, Agreement::Agrees, 'The tree has a wedding.');
                }
            }
        }

        return AssertionCheck::remark($assertion, '');
    }

    private function childrenKnown(Assertion $assertion, Person $person): string
    {
        $known = [];
        $line = $this->roll->line($assertion->lineId);
        $head = $line === null ? null : $this->roll->principalOf($line);
        $partner = $head === null ? null : $this->placed[$head->id] ?? null;
        foreach ($this->unions[$person->id] ?? [] as $union) {
            if ($this->roll->kind->countsFor === 'mother' || $partner === null || in_array($partner, $union->partnerIds, true)) {
                $known += array_flip($union->childIds);
            }
        }
        $count = count($known);
        $missing = (int) $assertion->words - $count;

        return "{$count} known".match (true) {
            $missing === 1 => ': a child to find.',
            $missing > 1 => ": {$missing} children to find.",
            $missing < 0 => ', more than that.',
            default => '.',
        };
    }

    private function areBothKnown(Assertion $assertion): bool
    {
        return isset($this->placed[$assertion->lineId], $this->placed[$assertion->otherLineId]);
    }

    private function union(Assertion $assertion): ?Union
    {
        return $this->unionOf($this->placed[$assertion->lineId] ?? null, $this->placed[$assertion->otherLineId] ?? null);
    }

    private function unionOf(?string $personId, ?string $otherId): ?Union
    {
        if ($personId === null || $otherId === null) {
            return null;
        }
        foreach ($this->unions[$personId] ?? [] as $union) {
            if (in_array($otherId, $union->partnersOf($personId), true)) {
                return $union;
            }
        }

        return null;
    }

    private function person(string $lineId): ?Person
    {
        return $this->people[$this->placed[$lineId] ?? ''] ?? null;
    }

    private function word(Event $event): string
    {
        return mb_strtolower($event->word());
    }
}
