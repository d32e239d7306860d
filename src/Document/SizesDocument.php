<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Sizing\Kit;
use Rinkel\Core\Sizing\KitPart;
use Rinkel\Core\Sizing\Sized;
use Rinkel\Core\Sizing\Sizes;

/**
 * A design in sizes, and the kit that serves them all, as a document: docs/sizes.schema.json.
 */
final class SizesDocument
{
    /**
     * @return array<string, mixed>
     */
    public static function of(Sizes $sizes, Sizes $byAnyone): array
    {
        $kit = Kit::of($byAnyone);

        return [
            'format' => 'rinkel-sizes',
            'version' => 1,
            'graded' => $sizes->isGraded,
            'sizes' => array_map(self::size(...), $sizes->all),
            'kit' => [
                'cords' => array_map(self::part(...), $kit->cords),
                'things' => array_map(self::part(...), $kit->things),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function size(Sized $one): array
    {
        $draft = $one->plan->draft;

        return [
            'size' => $one->size->along instanceof Length ? (string) $one->size->along : $one->size->along,
            'for' => $one->size->name,
            'pattern' => (string) $draft->piece->pattern->tree,
            'counts' => $draft->setting->counts,
            'body' => (string) $draft->body(),
            'over' => (string) Sizes::off($one),
            'closed' => (string) $draft->closed(),
            'open' => (string) $draft->open(),
            'zone' => $one->plan->fit(),
            'cuts' => array_map(static fn (Cut $cut): array => [
                'cord' => $cut->role, 'count' => $cut->count, 'length' => (string) $cut->length,
            ], $one->plan->cuts),
            'beads' => (object) $one->plan->beads,
            'findings' => (object) $one->plan->findings(),
            'checks' => array_map(static fn (Check $check): string => $check->code, $one->plan->checks),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function part(KitPart $part): array
    {
        return ($part->what instanceof Cut
            ? ['cord' => $part->what->role, 'count' => $part->what->count]
            : ['names' => $part->what->names])
            + [
                'much' => \is_int($part->much) ? $part->much : (string) $part->much,
                'left' => array_map(
                    static fn (Length|int $left): string|int => \is_int($left) ? $left : (string) $left,
                    $part->left,
                ),
            ];
    }
}
