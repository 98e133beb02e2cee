<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\User;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Gedcom\Out\ShieldedRows;
use NorthBough\Core\Gedcom\Out\TreeRows;

/**
 * The one way in which people leave the program, in files, drawings and reports: the living are hidden, unless the
 * owner asks for them in full, which is journalled.
 */
final readonly class PrivacyAwareExport
{
    public function __construct(private CurrentTree $current, private LivingPeople $living, private ChangeSets $changes)
    {
    }

    public function shielded(): ShieldedRows
    {
        $living = $this->living->all();

        return new ShieldedRows(new ExportTree($this->current), static fn (string $id): bool => isset($living[$id]),
            $this->living->names());
    }

    /**
     * The tree as something is printed from it.
     *
     * @param  User|null  $keeping  who asks for the living in full; null when nobody does
     *
     * @throws Refusal when that is not the owner
     */
    public function seen(?User $keeping, string $summary): SeenTree
    {
        return $keeping === null ? $this->seenShielded() : $this->seenInFull($keeping, $summary);
    }

    public function seenShielded(): SeenTree
    {
        return SeenTree::shielded($this->living->shielded(), $this->living->names());
    }

    /** @throws Refusal when the one who asks is not the owner; nobody is whoever sits at the machine itself */
    public function seenInFull(?User $user, string $summary): SeenTree
    {
        $this->journal($user, $summary);

        return SeenTree::whole($this->living->view());
    }

    /** What seen() gives for a file. */
    public function rows(?User $keeping, string $summary): TreeRows
    {
        return $keeping === null ? $this->shielded() : $this->inFull($keeping, $summary);
    }

    /** @throws Refusal when the one who asks is not the owner */
    public function inFull(?User $user, string $summary): TreeRows
    {
        $this->journal($user, $summary);

        return new ExportTree($this->current);
    }

    public static function notTheirs(): Refusal
    {
        return new Refusal('Only the owner of the tree may let the living leave it in full.', 403);
    }

    /** @throws Refusal when the one who asks is not the owner */
    public function journal(?User $user, string $summary): void
    {
        if ($user !== null && $this->current->get()->roleOf($user) !== 'owner') {
            throw self::notTheirs();
        }
        $this->changes->run(
            new Intent($user, "{$summary}, with {$this->living->count()} living people in full", '', ChangeMethod::Hand, 'told'),
            static fn (): null => null);
    }
}
