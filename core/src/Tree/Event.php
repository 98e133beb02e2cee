<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** Something that happened to a person or a couple, or, when `denied`, that is said not to have happened. */
final readonly class Event implements Described
{
    /**
     * @param  string  $kind  code of an EventKind
     * @param  string  $typeWords  what narrows the kind down, such as "military" of an event
     * @param  string  $value  what it says besides when and where: a trade, a title
     * @param  list<CitedEvidence>  $evidence  the claims behind it
     * @param  CustomEventKind  $custom  what the tree says of its own kind of these words
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $kind,
        public string $typeWords,
        public string $value,
        public GenDate $date,
        public string $place,
        public bool $denied,
        public array $evidence,
        public Standing $standing = Standing::Unweighed,
        #[Field(isSafe: true)] public ?string $placeId = null,
        #[Field(isSafe: true)] public string $restriction = '',
        #[Field(isSafe: true)] public CustomEventKind $custom = new CustomEventKind([], false),
    ) {
    }

    /** Whether its kind says this of a life. */
    public function is(EventTrait $trait): bool
    {
        return EventKinds::named($this->kind)->is($trait) || $this->custom->is($trait);
    }

    /**
     * What stands before its date where it tells of a birth or a death: nothing where it is one, so that a christening
     * never passes for a birth.
     */
    public function mark(): string
    {
        return match (true) {
            $this->is(EventTrait::Birth), $this->is(EventTrait::Death) => '',
            $this->custom->is(EventTrait::SignOfBirth), $this->custom->is(EventTrait::SignOfDeath) => mb_strtolower($this->word()),
            $this->is(EventTrait::SignOfBirth) => 'chr.',
            $this->is(EventTrait::SignOfDeath) => 'bur.',
            default => '',
        };
    }

    /** What somebody was by it: born, buried; the word of its kind where the language has none. */
    public function participle(): string
    {
        $participle = EventKinds::named($this->kind)->participle;

        return $participle === '' ? mb_strtolower($this->word()) : $participle;
    }

    /** Whether it can have happened once only, so that two values are rivals. */
    public function isSingle(): bool
    {
        return EventKinds::named($this->kind)->single || $this->custom->single;
    }

    /** Whether another is of the same kind; those of one's own are told apart by their words. */
    public function isOfKindOf(self $otherEvent): bool
    {
        return EventKinds::areOne($this->kind, $this->typeWords, $otherEvent->kind, $otherEvent->typeWords);
    }

    /**
     * The leading event of the kinds named, the first kind that has one first: the accepted one, else the first that
     * nobody weighed. Rivals, ruled-out ones and denials never lead.
     *
     * @param  list<self>  $events  in hand order
     */
    public static function leadingOf(array $events, string ...$kinds): ?self
    {
        foreach ($kinds as $kind) {
            $event = self::leadingAmong(array_filter($events, static fn (self $event): bool => $event->kind === $kind));
            if ($event !== null) {
                return $event;
            }
        }

        return null;
    }

    /**
     * The one that leads among events that are rivals.
     *
     * @param  array<self>  $events  in hand order
     */
    public static function leadingAmong(array $events): ?self
    {
        $first = null;
        foreach ($events as $event) {
            if ($event->denied || ! $event->standing->mayLead()) {
                continue;
            }
            if ($event->standing === Standing::Accepted) {
                return $event;
            }
            $first ??= $event;
        }

        return $first;
    }

    /** @param  list<CitedEvidence>  $evidence */
    public function onOtherFooting(Standing $standing, array $evidence): self
    {
        return new self($this->id, $this->kind, $this->typeWords, $this->value, $this->date, $this->place, $this->denied, $evidence,
            $standing, $this->placeId, $this->restriction, $this->custom);
    }

    /** What is asked of a couple is asked of whatever happened to them. */
    public function restricted(string $restriction): self
    {
        return $restriction === '' ? $this
            : new self($this->id, $this->kind, $this->typeWords, $this->value, $this->date, $this->place, $this->denied, $this->evidence,
                $this->standing, $this->placeId,
                Restriction::fromStandard("{$this->restriction} {$restriction}")->words(), $this->custom);
    }

    public function isWithheld(): bool
    {
        return $this->restriction !== '' && Restriction::fromStandard($this->restriction)->withholds();
    }

    /** @return list<CitedEvidence> the claims that count: those that nobody took back */
    public function grounds(): array
    {
        return array_values(array_filter($this->evidence, static fn (CitedEvidence $claim): bool => $claim->withdrawn() === ''));
    }

    public function word(): string
    {
        $kind = EventKinds::all()[$this->kind]->word ?? $this->kind;
        $word = $this->typeWords !== '' && in_array($this->kind, EventKinds::OF_OWN_WORDS, true) ? $this->typeWords : $kind;

        return $this->denied ? "No {$word}" : $word;
    }

    /** @param  list<CitedEvidence>  $evidence */
    public function citing(array $evidence): self
    {
        return new self($this->id, $this->kind, $this->typeWords, $this->value, $this->date, $this->place, $this->denied, $evidence,
            $this->standing, $this->placeId, $this->restriction, $this->custom);
    }
}
