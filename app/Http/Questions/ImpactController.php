<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Questions\Inputs\MarkFalseInput;
use App\Http\Questions\Resources\ImpactPage;
use App\Http\Tree\TreesController;
use App\Refusal;
use App\Trees\Access\CurrentTree;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Evidence\Impact\Impacts;
use App\Trees\Evidence\Impact\ImpactTarget;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Supposes something false, shows what rests on it, and makes it so when somebody says so. */
final readonly class ImpactController
{
    public function __construct(private CurrentTree $current, private Impacts $threads, private ImpactPages $pages, private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/thread/{what}/{id}', 'pullThread', ImpactPage::class)]
    public function show(string $tree, string $what, string $id): JsonResponse
    {
        $this->current->refuseShielded('What rests on it names living people; it is for those who may see them.');

        $what = self::what($what);

        return response()->json($this->pages->of($what, $id, $this->threads->preview($what, $id)));
    }

    #[Post('/trees/{tree}/thread/{what}/{id}', 'makeThreadSo', CreatedResource::class, MarkFalseInput::class)]
    public function store(Request $request, string $tree, string $what, string $id): JsonResponse
    {
        $input = MarkFalseInput::from($request);
        $what = self::what($what);
        $summary = 'Marked as false: '.$this->pages->called($what, $id).' and what depends on it';
        $this->changes->run(new Intent(TreesController::user($request), $summary, $input->why), fn () => $this->threads->markFalse($what, $id, $input->why, $input->seen));

        return response()->json(new CreatedResource($id));
    }

    private static function what(string $word): ImpactTarget
    {
        return ImpactTarget::tryFrom($word) ?? throw new Refusal(Refusal::NOT_HERE, 404);
    }
}
