<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** The pointers that people had in the files they came from. */
final readonly class FilePointers
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  list<string>|null  $personIds  null for everybody
     * @return array<string, string> the last one of each, by person
     */
    public function ofPeople(?array $personIds = null): array
    {
        $refs = DB::table('file_refs')->where('tree_id', $this->current->id())->whereNotNull('person_id');
        if ($personIds !== null) {
            $refs->whereIn('person_id', $personIds);
        }

        return $refs->orderBy('id')->pluck('pointer', 'person_id')->all();
    }
}
