<?php

declare(strict_types=1);

namespace Rinkel\App\Format;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Reads pieces from files in the open format: JSON of the published shape first, then lengths and ranges.
 */
final readonly class PieceFiles
{
    private const LARGEST = 1_000_000;

    public function __construct(
        private PieceReader $reader,
        #[Autowire('%kernel.project_dir%/docs/piece.schema.json')]
        private string $schema,
    ) {}

    /**
     * @throws PieceUnreadable If the file is missing, too large, no JSON, not of the published shape or says what cannot be
     */
    public function read(string $file): Piece
    {
        if (!is_file($file) || !is_readable($file)) {
            throw self::unreadable('', \sprintf('There is no readable file %s.', $file));
        }
        if (filesize($file) > self::LARGEST) {
            throw self::unreadable('', 'The file is larger than 1 MB; no piece is.');
        }

        return $this->parse((string) file_get_contents($file));
    }

    /**
     * @throws PieceUnreadable If the text is no JSON, not of the published shape or says what cannot be
     */
    public function parse(string $json): Piece
    {
        try {
            $decoded = json_decode($json, false, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw self::unreadable('', 'This is no JSON: '.$exception->getMessage().'.');
        }
        $this->check($decoded);
        $document = json_decode($json, true, 32, \JSON_THROW_ON_ERROR);

        return $this->reader->read(\is_array($document) ? $document : []);
    }

    private function check(mixed $decoded): void
    {
        $validator = new Validator(max_errors: 20, stop_at_first_error: false);
        $error = $validator->validate($decoded, (string) file_get_contents($this->schema))->error();
        if (null === $error) {
            return;
        }
        $faults = [];
        foreach ((new ErrorFormatter())->format($error) as $pointer => $sentences) {
            foreach ((array) $sentences as $sentence) {
                $faults[] = new Fault(str_replace('/', '.', trim((string) $pointer, '/')) ?: 'piece', \is_string($sentence) ? $sentence.'.' : 'Not of the published shape.');
            }
        }

        throw PieceUnreadable::because([] === $faults ? [new Fault('piece', 'Not of the published shape.')] : $faults);
    }

    private static function unreadable(string $path, string $sentence): PieceUnreadable
    {
        return PieceUnreadable::because([new Fault('' === $path ? 'piece' : $path, $sentence)]);
    }
}
