<?php

declare(strict_types=1);

namespace App\Trees;

use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** The person at the centre of the tree: whom whoever asks chose for themselves, else whom the owner did. */
final readonly class Centre
{
    public function __construct(private CurrentTree $current)
    {
    }

    public function personId(): ?string
    {
        return $this->own() ?? $this->current->get()->centre_person_id;
    }

    /** Null where they chose nobody, or somebody who is no longer there. */
    public function own(): ?string
    {
        $user = Auth::user();

        return ! $user instanceof User ? null : DB::table('members')->join('people', static fn ($join) => $join->on('people.tree_id', 'members.tree_id')->on('people.id', 'members.centre_person_id'))
            ->where('members.tree_id', $this->current->id())->where('members.user_id', $user->id)->value('people.id');
    }

    public function choose(User $user, ?string $personId): void
    {
        DB::table('members')->where('tree_id', $this->current->id())->where('user_id', $user->id)->update(['centre_person_id' => $personId]);
    }
}
