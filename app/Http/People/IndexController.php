<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Cursor;
use App\Http\Api\Get;
use App\Http\Resources\JumpList;
use App\Http\Resources\PeoplePage;
use App\Http\Resources\PersonLine;
use App\Trees\CurrentTree;
use App\Trees\Living;
use App\Trees\SearchWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;
use stdClass;

/** The index of people and the jump field, both on the derived lines. */
final readonly class IndexController
{
    private const AT_ONCE = 100;

    private const SORTS = ['name' => 'sort_name', 'number' => 'number', 'birth' => 'birth_day'];

    public function __construct(private CurrentTree $current, private Living $living)
    {
    }

    #[Get('/trees/{tree}/people', 'people', PeoplePage::class, query: ['q', 'sort', 'after'])]
    public function index(Request $request): JsonResponse
    {
        $sort = self::SORTS[$request->string('sort')->toString()] ?? 'sort_name';
        $filtered = $this->matching($request->string('q')->toString());
        $total = $this->lines()->count();
        $shown = $request->string('q')->trim()->isEmpty() ? $total : (clone $filtered)->count();
        // An empty birth sorts last and still has a key.
        $key = $sort === 'birth_day' ? 'coalesce(birth_day, 2147483647)' : $sort;
        $query = $filtered->select('*')->selectRaw("{$key} AS key")->orderByRaw("{$key}, person_id")->limit(self::AT_ONCE);
        $after = Cursor::read($request->string('after')->toString());
        if ($after !== null) {
            $query->whereRaw("({$key}, person_id) > (?, ?)", $after);
        }
        $rows = $query->get();
        $last = $rows->count() === self::AT_ONCE ? $rows->last() : null;

        return response()->json(new PeoplePage(
            array_values($rows->map(self::line(...))->all()),
            $last === null ? null : Cursor::of($last->key, $last->person_id),
            $shown, $total,
        ));
    }

    /** By number, by the beginnings of names, and by likeness where nothing begins so. */
    #[Get('/trees/{tree}/jump', 'jump', JumpList::class, query: ['q'])]
    public function jump(Request $request): JsonResponse
    {
        $typed = $request->string('q')->trim()->toString();
        $rows = $this->matching($typed)->orderBy('sort_name')->orderBy('person_id')->limit(12)->get();
        $search = SearchForm::of($typed);
        if ($rows->isEmpty() && $search !== '') {
            DB::statement('SET pg_trgm.word_similarity_threshold = 0.4');
            $alike = $this->lines();
            foreach (explode(' ', $search) as $word) {
                $alike->whereRaw('search %> ?', [$word]);
            }
            $rows = $alike->orderByRaw('word_similarity(?, search) DESC, sort_name', [$search])->limit(12)->get();
        }

        return response()->json(new JumpList(array_values($rows->map(self::line(...))->all())));
    }

    private function matching(string $typed): Builder
    {
        $lines = $this->lines();
        if (preg_match('/^\s*#?(\d+)\s*$/', $typed, $m) === 1) {
            return $lines->where('number', (int) min((int) $m[1], 2147483647));
        }
        foreach (SearchWords::of($typed) as $word) {
            $lines->whereRaw("(' ' || search) LIKE ?", ["% {$word}%"]);
        }

        return $lines;
    }

    private function lines(): Builder
    {
        return $this->living->visible(DB::table('person_lines')->where('tree_id', $this->current->id()));
    }

    private static function line(stdClass $row): PersonLine
    {
        return new PersonLine($row->person_id, $row->number, $row->sex, $row->shown_name, $row->filed_name, $row->birth_shown, $row->birth_place, $row->death_shown);
    }
}
