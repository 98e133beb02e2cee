<?php

declare(strict_types=1);

namespace App\Trees\Scope;

use App\Models\Membership;
use App\Models\Tree;
use App\Refusal;
use Closure;
use LogicException;

/**
 * The tree that this request, job or command works in. Every query on a table of a tree is bound to it, so that no
 * query can reach into another tree by forgetting a condition.
 */
final class CurrentTree
{
    private ?Tree $tree = null;

    private Audience $audience = Audience::Owner;

    private ?Membership $member = null;

    public function enter(Tree $tree): void
    {
        $this->tree = $tree;
        $this->audience = Audience::Owner;
        $this->member = null;
    }

    public function leave(): void
    {
        $this->tree = null;
        $this->audience = Audience::Owner;
    }

    /** From here on everything is read for them. A command or a job reads for the owner. */
    public function readFor(Audience $audience): void
    {
        $this->audience = $audience;
    }

    /** Whoever asks, and what they chose in this tree for themselves. */
    public function enterAs(Membership $member): void
    {
        $this->member = $member;
    }

    public function member(): Membership
    {
        return $this->member ?? new Membership;
    }

    public function seesLiving(): bool
    {
        return $this->tree === null || $this->audience->seesLiving($this->tree);
    }

    /** @throws Refusal with this sentence, when living people are withheld from whoever asks */
    public function refuseShielded(string $sentence): void
    {
        if (! $this->seesLiving()) {
            throw new Refusal($sentence, 403);
        }
    }

    /** @throws LogicException when no tree was entered: a programming error, never a person's */
    public function get(): Tree
    {
        return $this->tree ?? throw new LogicException('No tree was entered before its rows were asked for.');
    }

    public function id(): string
    {
        return $this->get()->id;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function within(Tree $tree, Closure $work): mixed
    {
        $before = $this->tree;
        $this->tree = $tree;
        try {
            return $work();
        } finally {
            $this->tree = $before;
        }
    }
}
