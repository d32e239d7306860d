<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Doctrine\DBAL\Connection;
use Rinkel\App\Platform\Database\Postgres;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Hue;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Which colours a word means: those of things in stock that are called so and what looks like them, or all of a hue.
 */
final readonly class ColourWords
{
    /** Colours this near look alike (CIEDE2000, judgement). */
    private const NEAR = 10.0;

    /** More colours are not looked for at once. */
    private const MOST = 80;

    public function __construct(
        private Connection $connection,
        private TranslatorInterface $translator,
    ) {}

    /**
     * @return list<string> "#rrggbb", as pieces have them
     */
    public function hexes(string $word): array
    {
        $named = $this->named($word);
        $hue = $this->hue($word);
        if ([] === $named && null === $hue) {
            return [];
        }

        return \array_slice(array_map(strval(...), array_values(array_filter(
            $this->colours(Postgres::is($this->connection)
                ? "SELECT DISTINCT lower(named) FROM piece, json_named(piece.document, 'colour') named"
                : "SELECT DISTINCT lower(tree.value) FROM piece, json_tree(piece.document) tree
                    WHERE json_valid(piece.document) AND tree.key = 'colour'", ),
            static fn (Colour $one): bool => $hue === Hue::of($one) || [] !== array_filter(
                $named,
                static fn (Colour $other): bool => $one->differenceTo($other) <= self::NEAR,
            ),
        ))), 0, self::MOST);
    }

    /**
     * @return list<Colour> of things in stock that are called so
     */
    private function named(string $word): array
    {
        $like = '%'.strtr($word, ['!' => '!!', '%' => '!%', '_' => '!_']).'%';

        return $this->colours(
            "SELECT DISTINCT lower(json_extract(document, '$.colour')) FROM stock_item
                WHERE json_valid(document) AND lower(json_extract(document, '$.name')) LIKE ? ESCAPE '!'",
            $like,
        );
    }

    public function hue(string $word): ?Hue
    {
        foreach (Hue::cases() as $hue) {
            if (\in_array(mb_strtolower($word), [$hue->value, $this->translator->trans('hue.'.$hue->value)], true)) {
                return $hue;
            }
        }

        return null;
    }

    /**
     * @return list<Colour>
     */
    private function colours(string $sql, string ...$parameters): array
    {
        $colours = [];
        foreach ($this->connection->fetchFirstColumn($sql, $parameters) as $hex) {
            try {
                $colours[] = Colour::parse(\is_string($hex) ? $hex : '');
            } catch (Failure) {
                // Its own page says what is wrong with it.
            }
        }

        return $colours;
    }
}
