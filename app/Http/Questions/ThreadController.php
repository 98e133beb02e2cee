<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Inputs\PullInput;
use App\Http\Resources\MadeResource;
use App\Http\Resources\ThreadPage;
use App\Http\Tree\TreesController;
use App\Refusal;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\CurrentTree;
use App\Trees\Evidence\Thread\Threads;
use App\Trees\Evidence\Thread\What;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Supposes something false, shows what rests on it, and makes it so when somebody says so. */
final readonly class ThreadController
{
    public function __construct(private CurrentTree $current, private Threads $threads, private ThreadPages $pages, private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/thread/{what}/{id}', 'pullThread', ThreadPage::class)]
    public function show(string $tree, string $what, string $id): JsonResponse
    {
        $this->current->refuseShielded('What rests on it names living people; it is for those who may see them.');

        $what = self::what($what);

        return response()->json($this->pages->of($what, $id, $this->threads->foretell($what, $id)));
    }

    #[Post('/trees/{tree}/thread/{what}/{id}', 'makeThreadSo', MadeResource::class, PullInput::class)]
    public function store(Request $request, string $tree, string $what, string $id): JsonResponse
    {
        $input = PullInput::from($request);
        $what = self::what($what);
        $summary = 'Marked as false: '.$this->pages->called($what, $id).' and what depends on it';
        $this->changes->run(new Intent(TreesController::user($request), $summary, $input->why), fn () => $this->threads->makeSo($what, $id, $input->why, $input->seen));

        return response()->json(new MadeResource($id));
    }

    private static function what(string $word): What
    {
        return What::tryFrom($word) ?? throw new Refusal(Refusal::NOT_HERE, 404);
    }
}
