<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Trees\Exchange\PreviewFile;
use App\Trees\Exchange\Progress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\Doubles\DoubleFinder;
use NorthBough\Core\Linkage\Doubles\ScoredPair;
use NorthBough\Core\Linkage\ProbabilityWords;

/** Who of a file that is looked at is in the tree already, most likely. Nothing is written. */
final readonly class DoublesInFile
{
    private const LEAST = 0.5;

    /** So many are listed; all are counted. */
    private const LISTED = 200;

    /** A larger file is compared once it is in. */
    private const MOST = 50_000;

    public function __construct(
        private CurrentTree $current,
        private PeopleToLink $people,
        private StoredModel $model,
        private PreviewFile $preview,
    ) {
    }

    /**
     * Looks at a file, and says who of it is likely here, too.
     *
     * @param  string  $people  path of a file to which everybody in it is written, to choose one from; empty for none
     * @return array<string, mixed> as PreviewFile tells it, and under `here` what among() tells
     *
     * @throws \NorthBough\Core\Gedcom\NotReadable
     * @throws \App\Trees\Exchange\Cancelled
     */
    public function look(string $path, Progress $progress, string $people = ''): array
    {
        $file = new PeopleOfFile;
        $seen = $this->preview->run($path, $progress, $people, $file->see(...));

        return $seen + ['here' => $this->among($file, $progress)];
    }

    /**
     * @return array{count: int, people: list<array{pointer: string, says: string, personId: string, personSays: string, number: int,
     *     probability: float, shown: string}>} the likeliest first, each of the file once
     *
     * @throws \App\Trees\Exchange\Cancelled
     */
    private function among(PeopleOfFile $file, Progress $progress): array
    {
        if ($file->size() === 0 || $file->size() > self::MOST) {
            return ['count' => 0, 'people' => []];
        }
        $progress->report(99, 'Looking for who is here already');
        $table = $this->people->all();
        $here = $table->size();
        if ($here === 0) {
            return ['count' => 0, 'people' => []];
        }
        $file->addTo($table);
        $scope = array_fill_keys(range($here, $table->size() - 1), true);
        $pairs = (new DoubleFinder($table, static fn (float $far) => $progress->report(99, 'Looking for who is here already'), $scope,
            new TwoProcesses, $this->model->last($table->size())))->find(self::LEAST);
        $found = [];
        foreach ($pairs as $pair) {
            [$inFile, $inTree] = isset($file->pointers[$pair->a]) ? [$pair->a, $pair->b] : [$pair->b, $pair->a];
            // Two of the file that are one, or one who was found already, are looked at once they are in.
            if (isset($file->pointers[$inFile]) && ! isset($file->pointers[$inTree]) && $table->numbers[$inTree] < $here
                && ! isset($found[$inFile])) {
                $found[$inFile] = [$inTree, $pair];
            }
        }

        return ['count' => count($found), 'people' => $this->told(array_slice($found, 0, self::LISTED), $file)];
    }

    /**
     * @param  array<string, array{string, ScoredPair}>  $found
     * @return list<array{pointer: string, says: string, personId: string, personSays: string, number: int, probability: float,
     *     shown: string}>
     */
    private function told(array $found, PeopleOfFile $file): array
    {
        $lines = DB::table('person_lines')->where('person_lines.tree_id', $this->current->id())
            ->whereIn('person_id', array_column($found, 0))
            ->join('people', static fn ($join) => $join->on('people.tree_id', 'person_lines.tree_id')->on('people.id', 'person_id'))
            ->get(['person_id', 'shown_name', 'birth_shown', 'people.number'])->keyBy('person_id');
        $told = [];
        foreach ($found as $inFile => [$inTree, $pair]) {
            $line = $lines[$inTree] ?? null;
            $line === null || $told[] = ['pointer' => $file->pointers[$inFile], 'says' => $file->shown($inFile), 'personId' => $inTree,
                'personSays' => trim("{$line->shown_name} {$line->birth_shown}"), 'number' => (int) $line->number,
                'probability' => $pair->probability, 'shown' => ProbabilityWords::of($pair->probability)];
        }

        return $told;
    }
}
