<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** What a claim does to a fact or a tie that is not its own, or does in another way than to support it. */
final readonly class ClaimUseRow implements Row
{
    /**
     * @param  FactRef  $of  an event or the tie to a parent
     * @param  string  $stance  supports, contradicts or bears on
     * @param  string  $evidence  unstated, direct, indirect or negative
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $claimId,
        #[Field(owners: ['event', 'parentage'])] public FactRef $of,
        #[Field(isSafe: true)] public string $stance,
        #[Field(isSafe: true)] public string $evidence,
    ) {
    }
}
