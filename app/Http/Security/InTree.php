<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a member of the tree in the address through, when the role is enough. To a stranger a tree that is not theirs
 * and one that is not there are the same.
 */
final readonly class InTree
{
    private const RANKS = ['' => 0, 'reader' => 1, 'editor' => 2, 'owner' => 3];

    public function __construct(private CurrentTree $current)
    {
    }

    public function handle(Request $request, Closure $next, string $needed): Response
    {
        $user = $request->user();
        if (! $user instanceof User) {
            throw new AuthenticationException;
        }
        $tree = Tree::query()->where('id', $request->route('tree'))->first();
        $member = $tree?->memberOf($user);
        $role = $member->role ?? '';
        if ($tree === null || $role === '') {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }
        if (self::RANKS[$role] < self::RANKS[$needed]) {
            throw new Refusal("You may read this tree; changing it needs the role of {$needed}.", 403);
        }
        $this->current->enter($tree);
        $this->current->centreOn($member->centre_person_id ?? null);
        if ($role === 'reader' && ! $tree->readers_see_living) {
            $this->current->withholdLiving();
        }

        return $next($request);
    }
}
