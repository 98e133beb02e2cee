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

    /**
     * The tree as something is printed from it.
     *
     * @throws Refusal when the living are asked for in full, and not by the owner
     */
    public function seen(LivingTold $told, string $summary): SeenTree
    {
        if ($told->isEverybody) {
            $this->journal($told->asking, $summary, $this->living->count());

            return SeenTree::whole($this->living->view());
        }
        $kept = $this->kept($told, $summary);

        return $this->living->leaving($kept);
    }

    /**
     * What seen() gives, for a file.
     *
     * @throws Refusal when the living are asked for in full, and not by the owner
     */
    public function rows(LivingTold $told, string $summary): TreeRows
    {
        if ($told->isEverybody) {
            $this->journal($told->asking, $summary, $this->living->count());

            return new ExportTree($this->current);
        }
        $kept = $this->kept($told, $summary);
        $living = array_diff_key($this->living->all(), array_fill_keys($kept, true));

        return new ShieldedRows(new ExportTree($this->current), static fn (string $id): bool => isset($living[$id]),
            $this->living->names($kept));
    }

    /**
     * @return list<string> the living who are told in full
     *
     * @throws Refusal when it is not the owner who asks
     */
    private function kept(LivingTold $told, string $summary): array
    {
        $kept = $told->isNobody() ? [] : $this->living->among($told->personIds);
        if ($kept !== []) {
            $this->journal($told->asking, $summary, count($kept));
        }

        return $kept;
    }

    public static function notTheirs(): Refusal
    {
        return new Refusal('Only the owner of the tree may let the living leave it in full.', 403);
    }

    /** @throws Refusal when the one who asks is not the owner */
    private function journal(?User $user, string $summary, int $count): void
    {
        if ($user !== null && $this->current->get()->roleOf($user) !== 'owner') {
            throw self::notTheirs();
        }
        $this->changes->run(
            new Intent($user, "{$summary}, with {$count} living ".($count === 1 ? 'person' : 'people').' in full', '', ChangeMethod::Hand,
                'told'),
            static fn (): null => null);
    }
}
