<?php

declare(strict_types=1);

namespace Rinkel\Tests\Ordeal;

use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Served\ServedCase;

/**
 * Every address of Rinkel is sent whatever comes to mind: no answer is an error of its own, late, or takes more memory
 * than it may.
 */
final class RequestsTest extends ServedCase
{
    private const RUNS = 10_000;

    /** Seconds; what is later is asked again, since it may have been the machine. */
    private const LATE = 1.0;

    /** Paper takes as long as it has sheets: one of 57 takes a second and a half. */
    private const LATE_PAPER = 3.0;

    public function testNoRequestTakesRinkelDown(): void
    {
        $runs = (int) (getenv('RUNS') ?: self::RUNS);
        $this->migrate();
        $this->serve(2);
        self::assertSame(0, $this->console(['rinkel:demo'])[0]);
        [$code, $json] = $this->console(['debug:router', '--format=json']);
        self::assertSame(0, $code, $json);
        $routes = json_decode($json, true);
        self::assertIsArray($routes);
        $routes = array_values($routes);
        self::assertNotEmpty($routes);
        $chance = new Chance(20_261_130);
        [$slowest, $statuses] = [0.0, []];
        for ($i = 0; $i < $runs; ++$i) {
            $route = $chance->of($routes);
            self::assertIsArray($route);
            self::assertIsString($route['path']);
            $method = \is_string($route['method'] ?? null) && str_contains($route['method'], 'POST') ? 'POST' : 'GET';
            $path = $this->address_($route['path'], $chance);
            $form = 'POST' === $method && !$chance->oneIn(9) ? $this->form($chance) : null;
            $headers = $chance->oneIn(2) ? ['HX-Request: true'] : [];
            $late = str_contains($route['path'], '.pdf') ? self::LATE_PAPER : self::LATE;
            [$took, $status, $body] = $this->timed($path, $form, $headers);
            for ($again = 0; $took > $late && $again < 3; ++$again) {
                [$took, $status] = $this->timed($path, $form, $headers);
            }
            $what = \sprintf(
                'run %d: %s %s with %s',
                $i,
                $method,
                $path,
                mb_substr((string) json_encode($form, \JSON_INVALID_UTF8_SUBSTITUTE), 0, 500),
            );
            self::assertTrue($status > 0 && $status < 500, $status.' '.$what.' '.mb_substr($body, 0, 300));
            self::assertLessThan($late, $took, $what);
            $slowest = max($slowest, $took);
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        }
        ksort($statuses);
        fwrite(\STDERR, \sprintf("\n%d requests, the slowest %.2f s: %s\n", $runs, $slowest, json_encode($statuses)));
    }

    /**
     * @param array<string, mixed>|null $form
     * @param list<string>              $headers
     *
     * @return array{float, int, string}
     */
    private function timed(string $path, ?array $form, array $headers): array
    {
        $begun = hrtime(true);
        [$status, $body] = $this->ask($path, $form, $headers);

        return [(hrtime(true) - $begun) / 1e9, $status, $body];
    }

    private function address_(string $path, Chance $chance): string
    {
        $path = preg_replace_callback('/\{(\w+)\}/', static fn (array $match): string => match (true) {
            'id' === $match[1] && !$chance->oneIn(8) => (string) $chance->whole(1, 40),
            'kind' === $match[1] => $chance->of(
                [
                    'finished', 'sample', 'stock', 'board', 'person', 'piece', 'taking', 'tick', 'removed',
                    'settings', 'practice', 'x',
                ],
            ),
            'of' === $match[1] => $chance->of(['cords', 'beads', 'findings']),
            'uid' === $match[1], 'token' === $match[1] => $chance->of(
                [str_repeat('a', 32), str_repeat('0', 31).'1', 'count-bumps', 'x'],
            ),
            default => rawurlencode(
                $chance->of(
                    ['square', 'core', '1', "\xff", 'a b', '..', '0', 'square-knot-band', 'harbour-rail', 'around'],
                ),
            ),
        }, $path) ?? $path;
        $query = [];
        for ($i = $chance->whole(0, 3); $i > 0; --$i) {
            $query[$chance->of(
                [
                    'q', 'page', 'kind', 'edit', 'p', 'n', 'new', 'of', 'seed', 'answer', 'late', 'removed',
                    'stands', 'sort', 'archive', 'cord', 't', 'view', 'zoom', 'turn', 'open', 'stage', 'l',
                    'board', 'begin', 'have', 'girths', 'graded', 'taken', 'unit',
                ],
            )] = $this->value($chance, 0);
        }

        // The server itself refuses longer ones.
        return mb_strcut($path.([] === $query ? '' : '?'.http_build_query($query)), 0, 7000);
    }

    /**
     * @return array<string, mixed>
     */
    private function form(Chance $chance): array
    {
        $form = [];
        for ($i = $chance->whole(0, 8); $i > 0; --$i) {
            $form[$chance->of([
                'l', 'r', 's', 'c', 'w', 'f', 'acts', 'version', 'do', 'set', 'once', 'name', 'wrist', 'hand', 'unit',
                'back', 'place', 'girth',
                'construction', 'kind', 'id', 'was', 'weigh', 'token', 'take', 'all', 'others', 'mark', 'p', 'n',
                'got', 'cut', 'made', 'of', 'seed',
                'answer', 'way', 'by', 'note', 'detour', 'step', 'minutes', 'stop', 'board', 'again', 'text', 'at',
                'part', 'documents', 'lay', 'word',
                'to', 'line', 'scheme', 'gauge', 'risk', 'tension', 'rate', 'factor', 'currency', 'language',
                'design', 't', 'sit', 'spell', 'tray',
            ])] = $this->value($chance, 0);
        }

        return $form;
    }

    private function value(Chance $chance, int $depth): mixed
    {
        return match ($chance->whole(0, $depth > 2 ? 4 : 7)) {
            0 => (string) $chance->whole(-3, 60),
            1 => $chance->of(
                [
                    '0.0000001 mm', '1e308 mm', '-5 mm', '16 cm', '6 1/2 in', '6/0', '7 7/0 in', 'abc', '', '1',
                    '99999999999999999999', '24 h', 'polyester', 'square', 'cord', 'bead', 'glue', '#112233',
                    '12 for 50 m', '3 m, 44 cm', 'working', 'sooner', 'changed',
                ],
            ),
            2 => $chance->of(
                [
                    "\xff\xfe\x00bad",
                    "\u{202e}\u{0}漢",
                    "'; DROP TABLE piece; --",
                    '<script>alert(1)</script>',
                    str_repeat('9', 400),
                    '{"a":[{}]}',
                ],
            ),
            3 => $chance->of([true, 0, 1.5, '1.0e-7', 'NAN', '٣']),
            4 => str_repeat($chance->of(['x', '1 ', '(', '/', '[']), $chance->oneIn(30) ? 60_000 : 40),
            5 => array_map(fn (): mixed => $this->value($chance, $depth + 1), range(0, $chance->whole(0, 3))),
            6 => [
                'body' => $this->value($chance, $depth + 1), 'left.working' => $this->value($chance, $depth + 1),
                'length' => $this->value($chance, $depth + 1), 'thickness' => $this->value($chance, $depth + 1),
                'knot' => $this->value($chance, $depth + 1), 'sure' => '1', 'stock' => '1',
            ],
            default => [
                'wearer.girth' => $this->value($chance, $depth + 1),
                'pattern' => $this->value($chance, $depth + 1),
            ],
        };
    }
}
