<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Doctrine\DBAL\Connection;
use Rinkel\App\Platform\Database\Postgres;
use Rinkel\Core\Measure\Length;

/**
 * What was made season by season: how many pieces, of how much cord, in how many hours, for how much.
 */
final readonly class Seasons
{
    /** So many are shown: three years. */
    private const SHOWN = 12;

    /** December begins the winter of the next year. */
    private const ASKED = <<<'SQL'
        SELECT CAST(strftime('%Y', finished_at, '+1 month') AS INTEGER) AS year,
            (CAST(strftime('%m', finished_at, '+1 month') AS INTEGER) - 1) / 3 AS season, COUNT(*) AS pieces,
            SUM(json_extract(document, '$.minutes')) AS minutes,
            SUM(CAST(ROUND(100 * json_extract(document, '$.cost.materials')) AS INTEGER)) AS cents,
            SUM((SELECT SUM(json_extract(value, '$.count') * CAST(json_extract(value, '$.length') AS REAL))
                FROM json_each(document, '$.cords'))) AS millimetres
        FROM log_entry WHERE json_valid(document)
        GROUP BY year, season ORDER BY year DESC, season DESC LIMIT ?
        SQL;

    private const ASKED_OF_POSTGRES = <<<'SQL'
        SELECT EXTRACT(YEAR FROM finished_at + INTERVAL '1 month')::int AS year,
            (EXTRACT(MONTH FROM finished_at + INTERVAL '1 month')::int - 1) / 3 AS season, COUNT(*) AS pieces,
            SUM(json_extract(document, '$.minutes')::numeric) AS minutes,
            SUM(ROUND(100 * json_extract(document, '$.cost.materials')::numeric)) AS cents,
            SUM((SELECT SUM((cord.value ->> 'count')::numeric
                    * substring(cord.value ->> 'length' FROM '^[0-9.]+')::numeric)
                FROM json_each((document::json) -> 'cords') cord)) AS millimetres
        FROM log_entry WHERE json_valid(document)
        GROUP BY year, season ORDER BY year DESC, season DESC LIMIT ?
        SQL;

    public function __construct(private Connection $connection) {}

    /**
     * @return list<Season> the last first
     */
    public function last(): array
    {
        $seasons = [];
        foreach ($this->connection->fetchAllAssociative(
            Postgres::is($this->connection) ? self::ASKED_OF_POSTGRES : self::ASKED,
            [self::SHOWN],
        ) as $row) {
            $number = static fn (string $name): float => is_numeric($row[$name]) ? (float) $row[$name] : 0.0;
            $seasons[] = new Season(
                (int) $number('year'),
                (int) $number('season'),
                (int) $number('pieces'),
                (int) $number('minutes'),
                BigDecimal::ofUnscaledValue((int) $number('cents'), 2),
                Length::ofMillimetres($number('millimetres')),
            );
        }

        return $seasons;
    }
}
