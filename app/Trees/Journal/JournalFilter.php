<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use Illuminate\Database\Query\Builder;

/** What the journal is filtered by; what is empty does not filter. */
final readonly class JournalFilter
{
    /**
     * @param  string  $author  id of a user
     * @param  int|null  $from  the first day, a Julian Day Number; null is from the beginning
     * @param  int|null  $to  the last day, itself included; null is until now
     */
    public function __construct(
        public string $personId = '',
        public string $author = '',
        public ?int $from = null,
        public ?int $to = null,
        public ?ChangeTopic $field = null,
        public string $how = '',
    ) {
    }

    public function narrow(Builder $changeSets, History $history): Builder
    {
        $this->field?->narrow($changeSets);

        return $changeSets
            ->when($this->author !== '', fn (Builder $query) => $query->where('change_sets.user_id', $this->author))
            ->when($this->from !== null,
                fn (Builder $query) => $query->whereRaw("change_sets.made_at >= to_date(?::text, 'J')", [$this->from]))
            ->when($this->to !== null,
                fn (Builder $query) => $query->whereRaw("change_sets.made_at < to_date(?::text, 'J') + interval '1 day'", [$this->to]))
            ->when($this->how !== '', fn (Builder $query) => $query->where('change_sets.how', $this->how))
            ->when($this->personId !== '',
                fn (Builder $query) => $query->whereIn('change_sets.id', $history->changeSetsOf($this->personId)));
    }
}
