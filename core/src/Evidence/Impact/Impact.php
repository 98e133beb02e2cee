<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

/** The result of an impact analysis: which claims and conclusions fall when something is false. */
final readonly class Impact
{
    /**
     * @param  list<Effect>  $effects  of each conclusion that is touched, in the order in which they were handed in
     * @param  list<string>  $void  claims that count no longer
     */
    public function __construct(public array $effects, public array $void)
    {
    }

    /** @return list<string> conclusions of a kind that do not stand any more */
    public function gone(ConclusionKind $kind): array
    {
        return $this->ids($kind, static fn (Outcome $outcome): bool => $outcome->isGone());
    }

    /** @return list<string> ties or placings that stay, and that nobody has proved */
    public function unproved(ConclusionKind $kind): array
    {
        return $this->ids($kind, static fn (Outcome $outcome): bool => $outcome === Outcome::Unproved);
    }

    /**
     * @param  \Closure(Outcome): bool  $which
     * @return list<string>
     */
    private function ids(ConclusionKind $kind, \Closure $which): array
    {
        $these = array_filter($this->effects,
            static fn (Effect $effect): bool => $effect->conclusion->kind === $kind && $which($effect->outcome));

        return array_values(array_map(static fn (Effect $effect): string => $effect->conclusion->id, $these));
    }
}
