<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Claim;
use App\Refusal;

/** That a claim was copied from another one. A derived claim has no weight of its own beside it. */
final class ClaimDerivation
{
    /**
     * @param  string  $onId  empty for none
     *
     * @throws Refusal when it would lean on itself, straight or by way of others
     */
    public static function checked(Claim $claim, string $onId): ?string
    {
        if ($onId === '') {
            return null;
        }
        Claim::query()->where('id', $onId)->firstOrFail();
        // A value that was put back from the journal can have closed a circle elsewhere.
        for ($at = $onId, $seen = []; $at !== null && ! isset($seen[$at]); $at = Claim::query()->where('id', $at)->value('leans_on_id')) {
            if ($at === $claim->id) {
                throw new Refusal('That one was copied from this one: of two, one is the first.', 409);
            }
            $seen[$at] = true;
        }

        return $onId;
    }
}
