<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;

/**
 * From which spools and offcuts cords are cut, as a document: docs/cutting.schema.json.
 */
final class CuttingDocument
{
    private const FORMAT = 'rinkel-cutting';
    private const VERSION = 1;

    /**
     * @return array<string, mixed>
     */
    public static function of(Cutting $cutting): array
    {
        $sheets = [];
        foreach ($cutting->sheets as [$cord, , $sheet]) {
            $sheets[] = [
                'cord' => [
                    'fibre' => $cord->fibre->value,
                    'thickness' => (string) $cord->thickness,
                    'colour' => $cord->colour->hex,
                ],
                'from' => array_map(static fn (SupplyCuts $taken): array => [
                    'stock' => $taken->supply->id,
                    'is' => $taken->supply->isSpool ? 'spool' : 'offcut',
                    'cuts' => array_map(
                        static fn (array $cut): array => ['for' => $cut[0]->id, 'length' => (string) $cut[1]],
                        $taken->cuts,
                    ),
                    'left' => $taken->left?->__toString(),
                ], $sheet->taken),
                'buy' => array_map(
                    static fn (Demand $demand): array => ['for' => $demand->id, 'length' => (string) $demand->wished],
                    $sheet->unserved,
                ),
                'fromOffcuts' => (string) $sheet->offcuts,
                'atMost' => (string) $sheet->most,
                'new' => (string) $sheet->fresh(),
                'wasted' => (string) $sheet->wasted(),
            ];
        }

        return ['format' => self::FORMAT, 'version' => self::VERSION, 'sheets' => $sheets];
    }
}
