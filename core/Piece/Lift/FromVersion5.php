<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Lift;

use Rinkel\Core\Piece\FormatUpgrade;

/**
 * From version 5 to 6: a cord says nothing any more that its piece does not ask of it, such as how many sliders there
 * are; it was never heard. Ropes of a second loop have a name.
 *
 * @internal
 */
final class FromVersion5 implements FormatUpgrade
{
    /** Cords of version 5 of which there could be several, by construction. */
    private const COUNTED = [
        'square-knot-band' => ['core'], 'stacked-band' => ['core'], 'multi-row' => ['core'],
        'knotted-strands' => ['strand'], 'netted-pouch' => ['mesh'], 'laced-chain' => ['lace'],
        'braided-chain' => ['left', 'right'], 'rope-knot' => ['rope'],
    ];

    /** Constructions in which a maker's own cords could be several of a kind, and which of theirs could not. */
    private const BUNDLED = ['strand-bundle' => ['end', 'slider'], 'rope-knot' => ['thread']];

    /** Constructions whose makers said what is folded. */
    private const FOLDING = ['square-knot-band', 'stacked-band', 'multi-row', 'braided-chain'];

    public function lift(array $document): array
    {
        $construction = $document['construction'] ?? null;
        $cords = $document['cords'] ?? null;
        if (\is_string($construction) && \is_array($cords)) {
            foreach ($cords as $name => $cord) {
                $cords[$name] = \is_array($cord) ? self::asked($construction, (string) $name, $cord) : $cord;
            }
            if ('knotted-strands' === $construction) {
                unset($cords['slider']);
            }
            $document['cords'] = 'rope-knot' === $construction ? self::renamed($cords) : $cords;
        }

        return ['version' => 6] + $document;
    }

    /**
     * A rope that its maker called "second" is one of both loops still.
     *
     * @param array<mixed> $cords
     *
     * @return array<mixed>
     */
    private static function renamed(array $cords): array
    {
        $names = array_map(
            static fn (int|string $name): string => 'second' === $name ? 'rope-second' : (string) $name,
            array_keys($cords),
        );

        return array_combine($names, array_values($cords));
    }

    /**
     * @param array<mixed> $cord
     *
     * @return array<mixed>
     */
    private static function asked(string $construction, string $name, array $cord): array
    {
        $counted = self::COUNTED[$construction] ?? [];
        $single = self::BUNDLED[$construction] ?? null;
        $folds = \in_array($construction, self::FOLDING, true) && 'slider' !== $name;
        $unheard = [];
        if (!\in_array($name, $counted, true) && (null === $single || \in_array($name, $single, true))) {
            $unheard['count'] = true;
        }
        if (!$folds || 'core' === $name && 'under' === ($cord['run'] ?? null)) {
            $unheard['run'] = true;
        }
        if ('core' !== $name || !\in_array('core', $counted, true)) {
            $unheard['lay'] = true;
        }

        return array_diff_key($cord, $unheard);
    }
}
