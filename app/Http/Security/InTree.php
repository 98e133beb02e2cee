<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Models\Membership;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\ReadVersion;
use App\Trees\Scope\Audience;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a member of the tree in the address through, when the role is enough. To a stranger a tree that is not theirs
 * and one that is not there are the same.
 */
final readonly class InTree
{
    public function __construct(private CurrentTree $current, private LivingPeople $living, private ReadVersion $read)
    {
    }

    public function handle(Request $request, Closure $next, string $needed): Response
    {
        $user = $request->user();
        if (! $user instanceof User) {
            throw new AuthenticationException;
        }
        $tree = Tree::query()->where('id', $request->route('tree'))->first();
        $member = $tree?->memberOf($user) ?? new Membership;
        $audience = Audience::tryFrom($member->role);
        if ($tree === null || $audience === null) {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }
        if (! $audience->mayDo(Audience::from($needed))) {
            throw new Refusal("You may read this tree; changing it needs the role of {$needed}.", 403);
        }
        $this->current->enter($tree);
        $this->current->enterAs($member);
        $this->current->readFor($audience);
        $this->read->version = (int) trim($request->headers->get('If-Match') ?? '', '"');

        return $this->redacted($next($request));
    }

    /** Nothing that is answered from a tree names somebody living to those who may not see them. */
    private function redacted(Response $response): Response
    {
        if ($response instanceof JsonResponse && ! $this->current->seesLiving()) {
            $response->setData((new AnswerRedaction($this->living->names()->hide(...)))->of($response->original ?? $response->getData()));
        }

        return $response;
    }
}
