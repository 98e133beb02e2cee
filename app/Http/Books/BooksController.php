<?php

declare(strict_types=1);

namespace App\Http\Books;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Books\Inputs\BookInput;
use App\Http\Books\Resources\BookList;
use App\Http\Books\Resources\BookResource;
use App\Http\Books\Resources\ChapterResource;
use App\Http\Presentation\Asked;
use App\Http\Tree\TreesController;
use App\Models\Book;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Reports;

/** Books that are put together of reports, texts and drawings. How one is printed is the report of the kind *book*. */
final readonly class BooksController
{
    public function __construct(private LivingPeople $living, private ChangeSets $changes, private StoredBook $stored)
    {
    }

    #[Get('/trees/{tree}/books', 'books', BookList::class)]
    public function index(): JsonResponse
    {
        $rows = array_values(Book::query()->orderBy('title')->orderBy('id')->get()->all());

        return response()->json(new BookList(array_map(self::resource(...), $rows, $this->stored->all($rows, $this->living->seen()))));
    }

    #[Get('/trees/{tree}/books/{book}', 'book', BookResource::class)]
    public function show(string $tree, string $book): JsonResponse
    {
        $row = Book::query()->findOrFail($book);

        return response()->json(self::resource($row, $this->stored->of($row, $this->living->seen())));
    }

    #[Post('/trees/{tree}/books', 'bindBook', CreatedResource::class, BookInput::class)]
    public function store(Request $request): JsonResponse
    {
        $values = self::values(BookInput::from($request));
        $row = $this->changes->run(new Intent(TreesController::user($request), "Put together the book: {$values['title']}"),
            static fn (): Book => Book::query()->create($values));

        return response()->json(new CreatedResource($row->id));
    }

    #[Put('/trees/{tree}/books/{book}', 'changeBook', CreatedResource::class, BookInput::class)]
    public function update(Request $request, string $tree, string $book): JsonResponse
    {
        $input = BookInput::from($request);
        $values = self::values($input);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the book: {$values['title']}"),
            static function () use ($book, $values, $input): void {
                $row = Book::query()->findOrFail($book);
                ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
                $row->fill($values)->save();
            });

        return response()->json(new CreatedResource($book));
    }

    #[Delete('/trees/{tree}/books/{book}', 'deleteBook')]
    public function destroy(Request $request, string $tree, string $book): Response
    {
        $row = Book::query()->findOrFail($book);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the book: {$row->title}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    private static function resource(Book $row, BoundBook $book): BookResource
    {
        return new BookResource($row->id, $row->version, $book->title, $book->subtitle, $book->author,
            array_map(ChapterResource::of(...), $book->chapters));
    }

    /**
     * @return array{title: string, subtitle: string, author: string, chapters: list<array<string, mixed>>}
     *
     * @throws \App\Refusal where there is no such report or option
     */
    private static function values(BookInput $input): array
    {
        $chapters = array_map(static fn (array $chapter): array => Asked::answer(static function () use ($chapter): array {
            $report = is_string($chapter['report'] ?? null) ? $chapter['report'] : '';
            $subject = is_string($chapter['subject'] ?? null) ? $chapter['subject'] : '';
            $options = array_filter(is_array($chapter['options'] ?? null) ? $chapter['options'] : [], is_string(...));
            if ($chapter['kind'] === 'report') {
                $subject = Subject::read(Reports::named($report, $options)::subject(), $subject)->words();
            }

            return ['kind' => $chapter['kind'], 'title' => trim((string) ($chapter['title'] ?? '')), 'report' => $report,
                'subject' => $subject,
                'options' => $options];
        }), $input->chapters);

        return ['title' => trim($input->title), 'subtitle' => trim($input->subtitle), 'author' => trim($input->author),
            'chapters' => $chapters];
    }
}
