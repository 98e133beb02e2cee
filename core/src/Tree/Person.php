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

    /**
     * The leading event of the kinds named, the first kind that has one first: the accepted one, else the first
     * that nobody weighed. Rivals, ruled-out ones and denials never lead.
     */
    public function leading(string ...$kinds): ?Event
    {
        foreach ($kinds as $kind) {
            $event = Event::leadingOf($this->events, $kind);
            if ($event !== null) {
                return $event;
            }
        }

        return null;
    }
}
