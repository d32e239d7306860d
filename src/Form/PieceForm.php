<?php

declare(strict_types=1);

namespace Rinkel\App\Form;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;

/**
 * The fields of the Piece page: each is one place in the open format, and one reader serves both.
 *
 * A field that still shows what Rinkel wrote there keeps its exact length: 16.5 cm shown as 6 1/2 in does not drift to 165.1 mm
 * by being sent back.
 */
final readonly class PieceForm
{
    /** Where each field stands in the open format. */
    public const PATHS = [
        'name' => 'name',
        'unit' => 'unit',
        'wrist' => 'wearer.wrist',
        'measured' => 'wearer.measured',
        'hand' => 'wearer.hand',
        'ease' => 'ease',
        'working_fibre' => 'working.fibre',
        'working_thickness' => 'working.thickness',
        'working_colour' => 'working.colour',
        'core_fibre' => 'core.fibre',
        'core_thickness' => 'core.thickness',
        'core_colour' => 'core.colour',
        'core_count' => 'core.count',
        'tension' => 'hand',
        'slider_knots' => 'slider.knots',
        'slider_tail' => 'slider.tail',
        'square_knots' => 'band.squareKnots',
    ];

    private const LENGTHS = ['wrist', 'hand', 'ease', 'slider_tail', 'working_thickness', 'core_thickness'];

    /** Longer texts are cut before they are kept: no field means anything near it. */
    private const LONGEST = 20_000;

    public function __construct(
        private PieceReader $reader,
        private PieceWriter $writer,
    ) {}

    /**
     * Returns the fields as they show $piece.
     *
     * @return array<string, string>
     */
    public function shown(Piece $piece): array
    {
        $document = $this->writer->write($piece);
        $fields = ['shown_in' => $piece->unit->value];
        foreach (self::PATHS as $field => $path) {
            $value = self::at($document, $path);
            $fields[$field] = \in_array($field, self::LENGTHS, true) ? self::written($field, $value, $piece->unit) : $value;
        }

        return $fields;
    }

    /**
     * Returns what somebody sent, as fields; what is no field is dropped, what was not sent stays as $before shows it.
     *
     * @param array<mixed>          $sent
     * @param array<string, string> $before
     *
     * @return array<string, string>
     */
    public function typed(array $sent, array $before): array
    {
        $set = \is_array($sent['set'] ?? null) ? $sent['set'] : [];
        foreach ($before as $field => $shown) {
            $value = $set[$field] ?? $sent[$field] ?? $shown;
            $before[$field] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, self::LONGEST) : $shown;
        }

        return $before;
    }

    /**
     * Returns the piece that the fields say.
     *
     * @param array<string, string> $typed
     * @param Piece                 $before what the page showed, or the piece as it is stored
     *
     * @throws PieceUnreadable If any field cannot be read; its faults are by field, not by path
     */
    public function read(array $typed, Piece $before): Piece
    {
        $shownIn = Unit::tryFrom($typed['shown_in'] ?? '') ?? $before->unit;
        $shown = $this->shown($before->withUnit($shownIn));
        $exact = $this->writer->write($before);
        $document = ['format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'construction' => $exact['construction']];
        foreach (self::PATHS as $field => $path) {
            $untouched = \in_array($field, self::LENGTHS, true) && $typed[$field] === $shown[$field];
            self::put($document, $path, $untouched ? self::at($exact, $path) : $typed[$field]);
        }
        self::put($document, 'unit', $shownIn->value);
        $unit = Unit::tryFrom($typed['unit']);
        try {
            $piece = $this->reader->read($document);

            return Unit::Centimetre === $unit || Unit::Inch === $unit ? $piece->withUnit($unit) : throw PieceUnreadable::because([new Fault('unit', 'Choose cm or in.')]);
        } catch (PieceUnreadable $unreadable) {
            throw PieceUnreadable::because(array_map(self::byField(...), $unreadable->faults));
        }
    }

    private static function byField(Fault $fault): Fault
    {
        return new Fault((string) (array_search($fault->path, self::PATHS, true) ?: $fault->path), $fault->sentence);
    }

    private static function written(string $field, string $exact, Unit $unit): string
    {
        if ('' === $exact) {
            return '';
        }
        $length = Length::parse($exact, Unit::Millimetre);

        return (string) $length->written(str_ends_with($field, '_thickness') ? Unit::Millimetre : $unit);
    }

    /**
     * @param array<mixed> $document
     */
    private static function at(array $document, string $path): string
    {
        $value = $document;
        foreach (explode('.', $path) as $step) {
            $value = \is_array($value) ? $value[$step] ?? '' : '';
        }

        return \is_scalar($value) ? (string) $value : '';
    }

    /**
     * @param array<mixed> $document
     */
    private static function put(array &$document, string $path, string $value): void
    {
        $place = &$document;
        foreach (explode('.', $path) as $step) {
            $place = \is_array($place) ? $place : [];
            $place = &$place[$step];
        }
        $place = $value;
    }
}
