<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Record\Inference\DoubtfulReadingInference;
use NorthBough\Core\Record\Inference\InferenceRules;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Sex;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** What each line of a record tells us, with its people placed as somebody or as nobody of the tree. Nothing that is there is entered twice. */
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
    public function __construct(private Roll $roll, private array $placed, TreeView $tree, private string $recordId, private \Closure $whyRuledOut)
    {
        $ids = array_values(array_unique($placed));
        $this->people = $tree->lives($ids);
        $this->unions = $tree->unionsOf($ids);
        $this->parentSets = $tree->parentSets($ids);
    }

    /** @return list<AssertionCheck> */
    public function of(RollLine $line): array
    {
        return array_map(function (Assertion $telling): AssertionCheck {
            $told = $this->compare($telling);

            return $telling->reading === '' ? $told : $told->onlyIfWanted();
        }, DoubtfulReadingInference::of($this->roll, $line));
    }

    private function compare(Assertion $telling): AssertionCheck
    {
        return match ($telling->of) {
            AssertionSubject::Person => $this->fact($telling),
            AssertionSubject::Couple => $this->coupleFact($telling),
            AssertionSubject::Partner => $this->partner($telling),
            AssertionSubject::Child => $this->child($telling),
            AssertionSubject::Sex => $this->sex($telling),
            AssertionSubject::Remark => $this->remark($telling),
        };
    }

    private function fact(Assertion $telling): AssertionCheck
    {
        $person = $this->person($telling->lineId);

        return $person === null ? AssertionCheck::new($telling) : FactComparison::standing($telling, $person->events, $this->whyRuledOut);
    }

    private function coupleFact(Assertion $telling): AssertionCheck
    {
        $union = $this->union($telling);

        return $union === null ? AssertionCheck::new($telling) : FactComparison::standing($telling, $union->events, $this->whyRuledOut);
    }

    private function partner(Assertion $telling): AssertionCheck
    {
        $ruledOut = $this->ruledOutUnion($telling);
        if ($ruledOut !== null && $this->union($telling) === null) {
            return $this->repeating($telling, 'They were ruled out as a couple', $ruledOut);
        }

        return $this->union($telling) !== null
            ? AssertionCheck::there($telling, Agreement::Agrees, 'They are partners in the tree.')
            : AssertionCheck::new($telling, isWanted: $telling->isSaid || ! $this->areBothKnown($telling));
    }

    /** A tie that the words do not say is wanted only where the family confirms it: the couple stands, and was wed before the birth. */
    private function child(Assertion $telling): AssertionCheck
    {
        $child = $this->placed[$telling->lineId] ?? null;
        $parent = $this->placed[$telling->otherLineId] ?? null;
        $byBirth = 0;
        foreach ($child === null ? [] : $this->parentSets[$child] ?? [] as $set) {
            foreach ($set->parents as $tie) {
                if ($tie->personId === $parent && $tie->standing === Standing::RuledOut) {
                    return $telling->isSaid ? $this->repeating($telling, 'That was ruled out', $tie->id) : AssertionCheck::remark($telling, 'That was ruled out.');
                }
                if ($tie->personId === $parent) {
                    return AssertionCheck::there($telling, Agreement::Agrees, 'They are parent and child in the tree.');
                }
                $byBirth += $tie->kind === ParentageKind::Birth && $tie->standing->mayLead() ? 1 : 0;
            }
        }
        if ($byBirth > 1 && ! $telling->isSaid) {
            // Whose child it is besides the head's, the page leaves open: what the tree knows is no contradiction.
            return AssertionCheck::remark($telling, 'The page does not say so, and the tree has two parents by birth.');
        }
        if ($byBirth > 1) {
            return AssertionCheck::barred($telling, 'The tree has two parents by birth already, and this is neither.');
        }

        return AssertionCheck::new($telling, isWanted: $telling->isSaid || $this->isBornInWedlock($telling));
    }

    private function isBornInWedlock(Assertion $telling): bool
    {
        $line = $this->roll->line($telling->lineId);
        $head = $line === null ? null : $this->roll->principalOf($line);
        $union = $head === null ? null : $this->unionOf($this->placed[$head->id] ?? null, $this->placed[$telling->otherLineId] ?? null);
        $marriage = $union?->marriage();
        $wed = $marriage !== null && $this->standsByItself($marriage) ? $marriage->date->span()?->earliest : null;
        $born = null;
        foreach ($line === null ? [] : InferenceRules::of($this->roll, $line) as $other) {
            $born ??= $other->kind === 'birth' ? $other->date->span()?->latest : null;
        }

        return $wed !== null && $born !== null && $wed <= $born;
    }

    /** Whether something is told by more than this very page. */
    private function standsByItself(Event $event): bool
    {
        $elsewhere = array_filter($event->grounds(), fn (CitedEvidence $claim): bool => $claim->recordId !== $this->recordId);

        return $event->backing === [] || $elsewhere !== [];
    }

    /** The tie that was ruled out between the two of a telling; null where none was. */
    private function ruledOutUnion(Assertion $telling): ?string
    {
        [$one, $other] = [$this->placed[$telling->lineId] ?? '', $this->placed[$telling->otherLineId] ?? ''];
        foreach ([[$one, $other], [$other, $one]] as [$who, $whom]) {
            foreach ($this->unions[$who] ?? [] as $union) {
                if ($whom !== '' && in_array($whom, $union->ruledOutIds(), true)) {
                    return $union->tieIds[$whom] ?? '';
                }
            }
        }

        return null;
    }

    private function repeating(Assertion $telling, string $says, string $tieId): AssertionCheck
    {
        $why = $tieId === '' ? '' : ($this->whyRuledOut)($tieId);

        return AssertionCheck::repeating($telling, $says.($why === '' ? '.' : ' because: '.rtrim($why, '.').'.'));
    }

    private function sex(Assertion $telling): AssertionCheck
    {
        $person = $this->person($telling->lineId);

        return match (true) {
            $person === null, $person->sex === Sex::Unknown => AssertionCheck::new($telling),
            $person->sex->value === $telling->value => AssertionCheck::there($telling, Agreement::Agrees, "The tree says {$person->sex->word()}."),
            default => AssertionCheck::there($telling, Agreement::Contradicts, "The tree says {$person->sex->word()}."),
        };
    }

    private function remark(Assertion $telling): AssertionCheck
    {
        $person = $this->person($telling->lineId);
        $death = $person?->leading('death', 'burial', 'cremation');
        $day = $telling->date->span()?->earliest;
        if ($telling->kind === 'alive' && $day !== null && $death?->date->span()?->latest !== null && $death->date->span()->latest < $day) {
            return AssertionCheck::barred($telling, "The tree has the {$this->word($death)} on {$death->date->shown}, before that day.");
        }
        if ($telling->kind === 'children' && $person !== null) {
            return AssertionCheck::remark($telling, $this->childrenKnown($telling, $person));
        }

        if ($telling->kind === 'condition' && $person !== null && str_starts_with(mb_strtolower($telling->words), 'm')) {
            foreach ($this->unions[$person->id] ?? [] as $union) {
                if ($union->marriage() !== null) {
                    return AssertionCheck::there($telling, Agreement::Agrees, 'The tree has a wedding.');
                }
            }
        }

        return AssertionCheck::remark($telling, '');
    }

    private function childrenKnown(Assertion $telling, Person $person): string
    {
        $known = [];
        $line = $this->roll->line($telling->lineId);
        $head = $line === null ? null : $this->roll->principalOf($line);
        $partner = $head === null ? null : $this->placed[$head->id] ?? null;
        foreach ($this->unions[$person->id] ?? [] as $union) {
            if ($this->roll->kind->countsFor === 'mother' || $partner === null || in_array($partner, $union->partnerIds, true)) {
                $known += array_flip($union->childIds);
            }
        }
        $count = count($known);
        $missing = (int) $telling->words - $count;

        return "{$count} known".match (true) {
            $missing === 1 => ': a child to find.',
            $missing > 1 => ": {$missing} children to find.",
            $missing < 0 => ', more than that.',
            default => '.',
        };
    }

    private function areBothKnown(Assertion $telling): bool
    {
        return isset($this->placed[$telling->lineId], $this->placed[$telling->otherLineId]);
    }

    private function union(Assertion $telling): ?Union
    {
        return $this->unionOf($this->placed[$telling->lineId] ?? null, $this->placed[$telling->otherLineId] ?? null);
    }

    private function unionOf(?string $one, ?string $other): ?Union
    {
        if ($one === null || $other === null) {
            return null;
        }
        foreach ($this->unions[$one] ?? [] as $union) {
            if (in_array($other, $union->partnersOf($one), true)) {
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
