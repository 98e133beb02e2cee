<?php

declare(strict_types=1);

namespace App\Http\Exchange;

use App\Http\Api\Post;
use App\Http\Exchange\Inputs\ExportInput;
use App\Http\Exchange\Resources\RunResource;
use App\Http\LivingInFull;
use App\Http\Tree\TreesController;
use App\Jobs\WriteTree;
use App\Refusal;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Exchange\WriteFile;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Version;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A tree written to a file: in the queue for the page, at once for whoever asks by address. */
final readonly class ExportsController
{
    public function __construct(private CurrentTree $current, private RunFiles $files)
    {
    }

    #[Post('/trees/{tree}/exchange/exports', 'writeOut', RunResource::class, ExportInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = ExportInput::from($request);
        $user = TreesController::user($request);
        if ($input->keep && $this->current->get()->roleOf($user) !== 'owner') {
            throw PrivacyAwareExport::notTheirs();
        }
        $run = $this->files->begin($user, 'export', $this->name($input->zipped),
            static fn (): array => ['version' => $input->version, 'zipped' => $input->zipped, 'keep' => $input->keep]);
        WriteTree::dispatch($run->id);

        return response()->json(ExchangeController::run($run->refresh()));
    }

    /** The file that was written, for whoever asked for it. */
    public function file(Request $request, string $tree, string $run): BinaryFileResponse
    {
        $row = $this->files->made(TreesController::user($request), 'export', $run);

        return self::download((string) ($row->result['path'] ?? ''), $row->title, (bool) $row->asked['zipped']);
    }

    public function export(Request $request, PrivacyAwareExport $export): BinaryFileResponse
    {
        try {
            $version = Version::named($request->string('version', '7')->toString());
        } catch (NotReadable) {
            throw new Refusal('Files are written in version 7 or 5.5.1.');
        }
        // A whole tree takes as long as it takes. It is written before the first byte leaves, so that one that fails
        // answers with an error, and never with half a file.
        set_time_limit(0);
        $isZipped = $request->boolean('zipped');
        $rows = $export->rows(LivingInFull::askedBy($request), 'Wrote a file');
        $file = WriteFile::spooled($rows, $version, $this->current->id(), Carbon::now()->toDateTimeImmutable(), $isZipped);

        return self::download($file->path, $this->name($isZipped), $isZipped)->deleteFileAfterSend();
    }

    private function name(bool $isZipped): string
    {
        return (trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $this->current->get()->name), '-') ?: 'tree')
            .($isZipped ? '.gdz' : '.ged');
    }

    private static function download(string $path, string $name, bool $isZipped): BinaryFileResponse
    {
        return response()
            ->download($path, $name, ['Content-Type' => $isZipped ? 'application/zip' : 'text/plain; charset=utf-8'], 'attachment');
    }
}
