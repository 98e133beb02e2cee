<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use Illuminate\Database\Query\Builder;

/** What is looked for in the journal; whatever is empty is not asked. */
final readonly class Asked
{
    /**
     * @param  string  $author  id of a user
     * @param  string  $from  a day, YYYY-MM-DD
     * @param  string  $to  a day, YYYY-MM-DD, itself included
     */
    public function __construct(
        public string $personId = '',
        public string $author = '',
        public string $from = '',
        public string $to = '',
        public ?Field $field = null,
        public string $how = '',
    ) {
    }

    public function narrow(Builder $changeSets, History $history): Builder
    {
        $this->field?->narrow($changeSets);

        return $changeSets
            ->when($this->author !== '', fn (Builder $query) => $query->where('change_sets.user_id', $this->author))
            ->when($this->from !== '', fn (Builder $query) => $query->where('change_sets.made_at', '>=', $this->from))
            ->when($this->to !== '', fn (Builder $query) => $query->whereRaw("change_sets.made_at < ?::date + interval '1 day'", [$this->to]))
            ->when($this->how !== '', fn (Builder $query) => $query->where('change_sets.how', $this->how))
            ->when($this->personId !== '', fn (Builder $query) => $query->whereIn('change_sets.id', $history->changeSetsOf($this->personId)));
    }
}
