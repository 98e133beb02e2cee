<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/**
 * What becomes of the names and facts of two people who are joined. Nothing is thrown away: what both have is had once
 * with the citations of both; of what can be true once only one leads, and the other stays as its rival.
 */
final readonly class ValuePlan
{
    /** @param  list<PlannedValue>  $values  names first, those of the one who stays before the others */
    private function __construct(public array $values)
    {
    }

    /** @param  list<string>  $leading  ids of names and facts that were chosen to lead */
    public static function of(Person $kept, Person $gone, array $leading): self
    {
        return new self([...self::names($kept->names, $gone->names, $leading), ...self::facts($kept->events, $gone->events, $leading)]);
    }

    /** @return list<PlannedValue> of the one who goes, and those of the one who stays that change */
    public function changes(): array
    {
        return array_values(array_filter($this->values, static fn (PlannedValue $value): bool => $value->fate !== Fate::Stays));
    }

    /**
     * @param  list<Name>  $kept
     * @param  list<Name>  $gone
     * @param  list<string>  $leading
     * @return list<PlannedValue>
     */
    private static function names(array $kept, array $gone, array $leading): array
    {
        $values = [];
        $choice = $kept === [] || $gone === [] ? '' : 'name';
        foreach ($kept as $name) {
            $values[] = new PlannedValue($name->id, true, true, 'Name', $name->name->shown(),
                in_array($name->id, $leading, true) ? Fate::Leads : Fate::Stays, $name->standing, '', $choice);
        }
        foreach ($gone as $name) {
            $same = array_values(array_filter($kept, static fn (Name $other): bool => $other->kind === $name->kind
                && $other->counts() === $name->counts() && $other->name->equals($name->name)))[0] ?? null;
            $values[] = new PlannedValue($name->id, true, false, 'Name', $name->name->shown(), match (true) {
                $same !== null => Fate::Same,
                in_array($name->id, $leading, true) => Fate::Leads,
                default => Fate::Moves,
            }, $name->standing, $same->id ?? '', $same === null ? $choice : '');
        }

        return $values;
    }

    /**
     * @param  list<Event>  $kept
     * @param  list<Event>  $gone
     * @param  list<string>  $leading
     * @return list<PlannedValue>
     */
    private static function facts(array $kept, array $gone, array $leading): array
    {
        $goneValues = $taken = [];
        /** @var array<string, Fate> $fates of facts of the one who stays, where something becomes of them */
        $fates = [];
        foreach ($gone as $fact) {
            $same = self::same($fact, $kept, $taken);
            $rivals = $fact->isSingle() && ! $fact->denied && $fact->standing->mayLead() ? self::alike($fact, $kept) : [];
            $leads = Event::leadingAmong($rivals);
            $wins = $leads !== null && $leads->id !== $same && (in_array($fact->id, $leading, true)
                || ($fact->standing === Standing::Accepted && $leads->standing !== Standing::Accepted
                    && ! in_array($leads->id, $leading, true)));
            foreach ($leads === null ? [] : $rivals as $rival) {
                $fates[$rival->id] = $wins ? Fate::Rival : ($fates[$rival->id] ?? ($same === '' ? Fate::Leads : Fate::Stays));
            }
            if ($same !== '') {
                $taken[] = $same;
                $wins && $fates[$same] = Fate::Leads;
            }
            $goneValues[] = self::value($fact, false, match (true) {
                $same !== '' => Fate::Same,
                $leads === null => Fate::Moves,
                default => $wins ? Fate::Leads : Fate::Rival,
            }, $same, $leads !== null && $same === '' ? $fact->kind : '');
        }
        $values = [];
        foreach ($kept as $fact) {
            $fate = $fates[$fact->id] ?? Fate::Stays;
            $values[] = self::value($fact, true, $fate, '', $fate === Fate::Stays ? '' : $fact->kind);
        }

        return [...$values, ...$goneValues];
    }

    private static function value(Event $fact, bool $isOfKept, Fate $fate, string $sameAs = '', string $choice = ''): PlannedValue
    {
        return new PlannedValue($fact->id, false, $isOfKept, $fact->word(),
            implode(', ', array_filter([$fact->date->shown, $fact->value, $fact->place])),
            $fate, match ($fate) {
                Fate::Rival => Standing::Rival,
                Fate::Leads => $fact->standing->mayLead() ? $fact->standing : Standing::Accepted,
                default => $fact->standing,
            }, $sameAs, $choice);
    }

    /**
     * @param  list<Event>  $facts
     * @param  list<string>  $taken
     * @return string id of a fact that says the very same; empty for none
     */
    private static function same(Event $fact, array $facts, array $taken): string
    {
        foreach ($facts as $other) {
            if (! in_array($other->id, $taken, true) && $other->isOfKindOf($fact) && $other->denied === $fact->denied
                && $other->date->typed === $fact->date->typed && $other->date->normal === $fact->date->normal
                && SearchForm::of($other->place) === SearchForm::of($fact->place) && $other->placeId === $fact->placeId
                && $other->value === $fact->value && $other->typeWords === $fact->typeWords && $other->restriction === $fact->restriction
                && ($other->standing === Standing::RuledOut) === ($fact->standing === Standing::RuledOut)) {
                return $other->id;
            }
        }

        return '';
    }

    /**
     * @param  list<Event>  $facts
     * @return list<Event> of the same kind, that count where one answer is needed
     */
    private static function alike(Event $fact, array $facts): array
    {
        return array_values(array_filter($facts, static fn (Event $other): bool => $other->isOfKindOf($fact) && ! $other->denied
            && $other->standing->mayLead()));
    }
}
