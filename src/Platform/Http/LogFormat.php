<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Monolog\Formatter\FormatterInterface;
use Monolog\Formatter\JsonFormatter;
use Monolog\Formatter\LineFormatter;
use Monolog\LogRecord;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Writes problems as lines for people, or as JSON for whatever reads logs by machine.
 */
final readonly class LogFormat implements FormatterInterface
{
    private FormatterInterface $format;

    /**
     * @param string $format "line" or "json"
     */
    public function __construct(#[Autowire('%env(RINKEL_LOG_FORMAT)%')] string $format)
    {
        $this->format = 'json' === $format
            ? new JsonFormatter(includeStacktraces: true)
            : new LineFormatter(ignoreEmptyContextAndExtra: true, includeStacktraces: true);
    }

    public function format(LogRecord $record): mixed
    {
        return $this->format->format($record);
    }

    /**
     * @param array<LogRecord> $records
     */
    public function formatBatch(array $records): mixed
    {
        return $this->format->formatBatch($records);
    }
}
