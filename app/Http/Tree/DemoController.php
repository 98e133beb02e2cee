<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Demo\DemoLoader;
use App\Http\Api\Post;
use App\Http\Exchange\ExchangeController;
use App\Http\Exchange\Resources\RunResource;
use App\Jobs\LoadDemo;
use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\LostRuns;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A demo tree of one's own, to look at and to practise on. */
final readonly class DemoController
{
    /** Whoever asks a second time gets the one that is there. */
    #[Post('/demo', 'openDemo', RunResource::class)]
    public function store(Request $request): JsonResponse
    {
        $user = TreesController::user($request);
        $run = self::there($user);
        if ($run === null) {
            $tree = Tree::begin(DemoLoader::NAME, $user);
            $run = LostRuns::begin($tree->id, $user, 'demo', 'The demo', 'The demo is being loaded already.',
                static fn (): array => ['into' => $tree->id]);
            LoadDemo::dispatch($run->id);
        }

        return response()->json(ExchangeController::run($run->refresh()));
    }

    private static function there(User $user): ?Run
    {
        foreach (Run::query()->where('user_id', $user->id)->where('kind', 'demo')->where('state', '<>', 'failed')
            ->where('state', '<>', 'cancelled')->get() as $run) {
            if (Tree::query()->whereKey($run->tree_id)->exists()) {
                return $run;
            }
        }

        return null;
    }
}
