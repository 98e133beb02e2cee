<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** Birth and death of a life, and what stands for them where nothing tells them. */
final readonly class Vitals
{
    /** @param  list<Event>  $events  in hand order */
    private function __construct(private array $events)
    {
    }

    /** @param  list<Event>  $events  of one life, in hand order */
    public static function of(array $events): self
    {
        return new self($events);
    }

    public function birth(): ?Event
    {
        return $this->leading(EventTrait::Birth);
    }

    public function signOfBirth(): ?Event
    {
        return $this->leading(EventTrait::SignOfBirth);
    }

    /** The birth, else a sign of it. */
    public function beginning(): ?Event
    {
        return $this->birth() ?? $this->signOfBirth();
    }

    public function death(): ?Event
    {
        return $this->leading(EventTrait::Death);
    }

    public function signOfDeath(): ?Event
    {
        return $this->leading(EventTrait::SignOfDeath);
    }

    /** The death, else a sign of it. */
    public function end(): ?Event
    {
        return $this->death() ?? $this->signOfDeath();
    }

    private function leading(EventTrait $trait): ?Event
    {
        return Event::leadingOf($this->events, ...EventKinds::codesOf($trait))
            ?? Event::leadingAmong(array_filter($this->events, static fn (Event $event): bool => $event->custom->is($trait)));
    }
}
