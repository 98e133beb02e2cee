<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

final readonly class Person
{
    /**
     * @param  list<Name>  $names  the first leads
     * @param  list<Event>  $events  in hand order
     */
    public function __construct(
        public string $id,
        public int $number,
        public Sex $sex,
        public array $names,
        public array $events,
    ) {
    }

    public function name(): PersonalName
    {
        return $this->names[0]->name ?? PersonalName::of('', '');
    }

    public function vitals(): Vitals
    {
        return Vitals::of($this->events);
    }

    /** The leading event of the kinds named: Event::leadingOf. */
    public function leading(string ...$kinds): ?Event
    {
        return Event::leadingOf($this->events, ...$kinds);
    }
}
