<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** Everything that is derived, in the order in which it is worked out: ChangePipelineProvider registers it. */
final readonly class DerivedTables
{
    /**
     * @param  list<DerivedData>  $atOnce  within the change itself, so that the next page shows it
     * @param  list<DerivedData>  $inQueue  soon after
     */
    public function __construct(public array $atOnce, public array $inQueue)
    {
    }

    /** Works out anew, for the whole tree, what follows a change at once: after a file was brought in, or a rule of the tree changed. */
    public function rebuildAtOnce(): void
    {
        foreach ($this->atOnce as $derived) {
            $derived->rebuild();
        }
    }
}
