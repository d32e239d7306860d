<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Piece\PieceSpec;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * What the examples are made of: files that are shipped with Rinkel.
 */
final readonly class ExampleFiles
{
    public function __construct(
        private PieceFiles $files,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private string $folder,
    ) {}

    /**
     * @return array<string, PieceSpec> by the name of their file, the last first
     */
    public function pieces(): array
    {
        $paths = glob($this->folder.'/*.json') ?: [];
        rsort($paths);

        return array_combine(
            array_map(static fn (string $path): string => basename($path, '.json'), $paths),
            array_map($this->files->read(...), $paths),
        );
    }

    /**
     * Returns what a file beside the pieces says, a list as its "rows"; nothing where there is none.
     */
    public function read(string $file): LooseData
    {
        $path = \dirname($this->folder).'/'.$file;
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true, 16) : null;
        $read = \is_array($read) ? $read : [];

        return LooseData::of(array_is_list($read) ? ['rows' => $read] : $read);
    }
}
