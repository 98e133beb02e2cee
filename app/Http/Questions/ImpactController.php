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
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Evidence\Impact\Impacts;
use App\Trees\Evidence\Impact\ImpactTarget;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Supposes something false, shows what rests on it, and makes it so when somebody says so. */
final readonly class ImpactController
{
    public function __construct(
        private CurrentTree $current,
        private Impacts $impacts,
        private ImpactPages $pages,
        private ChangeSets $changes,
    ) {
    }

    #[Get('/trees/{tree}/impact/{target}/{id}', 'impact', ImpactPage::class)]
    public function show(string $tree, string $target, string $id): JsonResponse
    {
        $this->current->refuseShielded('What rests on it names living people; it is for those who may see them.');

        $target = self::target($target);

        return response()->json($this->pages->of($target, $id, $this->impacts->preview($target, $id)));
    }

    #[Post('/trees/{tree}/impact/{target}/{id}', 'markFalse', CreatedResource::class, MarkFalseInput::class)]
    public function store(Request $request, string $tree, string $target, string $id): JsonResponse
    {
        $input = MarkFalseInput::from($request);
        $target = self::target($target);
        $summary = 'Marked as false: '.$this->pages->called($target, $id).' and what depends on it';
        $this->changes->run(new Intent(TreesController::user($request), $summary, $input->why),
            fn () => $this->impacts->markFalse($target, $id, $input->why, $input->seen));

        return response()->json(new CreatedResource($id));
    }

    private static function target(string $word): ImpactTarget
    {
        return ImpactTarget::tryFrom($word) ?? throw new Refusal(Refusal::NOT_HERE, 404);
    }
}
