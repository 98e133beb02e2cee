<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** Something to be done to a family, worked out on its graph: what would change, or why it cannot be. */
interface FamilyCommand
{
    /** Whose neighbourhood the graph must hold. */
    public function reach(): Reach;

    /** @throws FamilyRefused */
    public function on(FamilyDraft $draft): TieChanges;
}
