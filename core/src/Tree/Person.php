<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Naming\PersonalName;

final readonly class Person
{
    /**
     * @param  list<Name>  $names  in hand order; the first leads
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

    /** The leading event of a kind, that which counts wherever one answer is needed. */
    public function leading(string ...$kinds): ?Event
    {
        foreach ($kinds as $kind) {
            foreach ($this->events as $event) {
                if ($event->kind === $kind && ! $event->denied) {
                    return $event;
                }
            }
        }

        return null;
    }
}
