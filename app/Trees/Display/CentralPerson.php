<?php

declare(strict_types=1);

namespace App\Trees\Display;

use App\Models\User;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** The person at the centre of the tree: whom whoever asks chose for themselves, else whom the owner did. */
final readonly class CentralPerson
{
    public function __construct(private CurrentTree $current)
    {
    }

    public function personId(): ?string
    {
        return $this->own() ?? $this->current->get()->centre_person_id;
    }

    /** Null where they chose nobody. */
    public function own(): ?string
    {
        return $this->current->member()->centrePersonId ?: null;
    }

    public function choose(User $user, ?string $personId): void
    {
        DB::table('members')->where('tree_id', $this->current->id())->where('user_id', $user->id)
            ->update(['centre_person_id' => $personId]);
    }
}
