<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Source;

/** A citation that somebody holds while they enter facts: each of them is cited by it. Held for one request at a time. */
final class HeldCitation
{
    private ?string $sourceId = null;

    private string $locator = '';

    public function __construct(private readonly Citations $citations)
    {
    }

    public function hold(string $sourceId, string $locator): void
    {
        $this->sourceId = $sourceId;
        $this->locator = trim($locator);
    }

    public function release(): void
    {
        $this->sourceId = null;
    }

    /** Cites a fact that was just entered, where a citation is held. Called inside an open change set. */
    public function cite(Event $event): void
    {
        $source = $this->sourceId === null ? null : Source::query()->where('id', $this->sourceId)->first();
        if ($source === null) {
            return;
        }
        $this->citations->cite('event_id', $event->id, $source, $this->locator, '');
    }
}
