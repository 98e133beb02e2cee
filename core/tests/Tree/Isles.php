<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\CitedSource;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventRole;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\Placing;
use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** Small trees for tests: people typed in one line, unions by the keys of their people. */
final class Isles
{
    /** @var array<string, Person> */
    private array $people = [];

    /** @var list<Union> */
    private array $unions = [];

    /** @var list<ParentSet> */
    private array $sets = [];

    /** @var array<string, PersonAside> */
    private array $asides = [];

    /** @var list<Placing> */
    private array $placings = [];

    public function person(string $key, string $line, bool $cited = false): self
    {
        $entry = OneLineEntry::parse($line);
        $evidence = $cited ? [new CitedEvidence("claim-{$key}", "record-{$key}", self::register(), "entry {$key}", 'as written')] : [];
        $events = [];
        foreach ($entry->events as $kind => $event) {
            $events[] = new Event("{$kind}-{$key}", $kind, '', '', $event->date, $event->place, false, $evidence);
        }
        $this->people[$key] = new Person($key, count($this->people) + 1, $entry->sex,
            [new Name("name-{$key}", NameKind::Birth, $entry->name)], $events);

        return $this;
    }

    /**
     * @param  list<string>  $partners
     * @param  list<string>  $children
     */
    public function union(
        string $id,
        array $partners,
        array $children,
        string $married = '',
        ParentageKind $kind = ParentageKind::Birth,
        Proof $proof = Proof::Unstated,
        Standing $standing = Standing::Unweighed,
    ): self {
        $events = [];
        if ($married !== '') {
            $entry = OneLineEntry::parse("? m {$married}")->events['marriage'];
            $events[] = new Event("marriage-{$id}", 'marriage', '', '', $entry->date, $entry->place, false, []);
        }
        $this->unions[] = new Union($id, $partners, $events, $children);
        foreach ($children as $child) {
            $parents = array_map(static fn (string $parent): Parentage => new Parentage($parent, $kind, $standing, $proof), $partners);
            $this->sets[] = new ParentSet("set-{$id}-{$child}", $child, $id, $kind === ParentageKind::Birth, $parents);
        }

        return $this;
    }

    /** Puts a parent's tie on a different footing from the other's. */
    public function tie(
        string $child,
        string $parent,
        ParentageKind $kind,
        Proof $proof = Proof::Unstated,
        Standing $standing = Standing::Unweighed,
    ): self {
        foreach ($this->sets as $i => $set) {
            if ($set->childId === $child) {
                $parents = array_map(static fn (Parentage $p): Parentage => $p->personId === $parent
                    ? new Parentage($parent, $kind, $standing, $proof) : $p, $set->parents);
                $this->sets[$i] = new ParentSet($set->id, $set->childId, $set->unionId, $set->leads, $parents);
            }
        }

        return $this;
    }

    public function aside(string $key, PersonAside $aside): self
    {
        $this->asides[$key] = $aside;

        return $this;
    }

    /** A line of a roll that is, or might be, somebody. */
    public function placing(string $key, PlacingState $state): self
    {
        $at = count($this->placings) + 1;
        $this->placings[] = new Placing("placing-{$at}", "line-{$at}", 'record-1', $key, $state, 'as written');

        return $this;
    }

    /** @param  array<string, list<EventRole>>  $roles  by event */
    public function tree(array $roles = []): Snapshot
    {
        return new Snapshot(array_values($this->people), $this->unions, $this->sets, $this->placings, $this->asides, $roles);
    }

    public function of(string $key): Person
    {
        return $this->people[$key];
    }

    public static function register(): CitedSource
    {
        return new CitedSource('s1', 'Register of St Osmund', 'Parish of St Osmund', 'manuscript', 'Marren Record House');
    }
}
