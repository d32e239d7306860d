<?php

declare(strict_types=1);

namespace Rinkel\App\Page;

/**
 * The four places of Rinkel, and the pages that lie in each, by their routes.
 */
enum Area: string
{
    case Work = 'work';
    case Stock = 'stock';
    case Learn = 'learn';
    case Settings = 'settings';

    /**
     * Returns where a page lies, and the page of the area that leads there.
     *
     * @return array{self, string}|null null of what lies nowhere: a new piece, what went wrong
     */
    public static function of(string $route): ?array
    {
        foreach (self::cases() as $area) {
            foreach ($area->pages() as $page => $below) {
                if ($route === $page || \in_array($route, $below, true)) {
                    return [$area, $page];
                }
            }
        }

        return null;
    }

    /**
     * @return non-empty-array<string, list<string>> the pages of the area, each with those that lie below it
     */
    public function pages(): array
    {
        return match ($this) {
            self::Work => [
                'table' => [
                    'piece', 'piece_create', 'piece_finish', 'piece_rehearsal', 'piece_makings', 'making',
                    'making_adopt', 'making_finish', 'board', 'board_read', 'import', 'sizes', 'kit', 'series',
                    'moved', 'reach', 'arrange', 'kept', 'kept_mend',
                ],
                'orders' => ['order', 'order_ask', 'order_change', 'order_add', 'order_slip'],
                'bench' => ['day', 'day_keep', 'bench_from'],
                'people' => ['person_keep', 'person_add'],
                'log' => ['log_again'],
            ],
            self::Stock => [
                'stock' => ['stock_keep', 'stock_tables', 'stock_tables_look', 'stock_tables_looked', 'stock_takings'],
                'tray' => ['tray_lay'],
                'cut' => ['cut_cord', 'cut_take'], 'buy' => ['bought'], 'price' => [],
            ],
            self::Learn => [
                'knots' => ['knot', 'knot_draw', 'own_knot'],
                'course' => [
                    'practice', 'practice_answer', 'evening', 'evening_step', 'course_wrist', 'evening_rehearsal',
                ],
                'library' => ['library_pass_on', 'library_designs'], 'numbers' => [], 'samples' => ['sample_add'],
            ],
            self::Settings => [
                'settings' => ['settings_keep'],
                'data' => ['api_docs', 'data_look', 'data_looked', 'bin', 'kept_delete', 'job'],
                'workshop' => [
                    'workshop_add', 'workshop_change', 'workshop_reinvite', 'workshop_remove', 'record', 'me',
                    'me_password',
                ],
                'network' => ['network_word', 'network_rename', 'network_remove', 'network_serve'],
                'devices' => ['devices_say'],
                'keys' => [],
            ],
        };
    }

    /**
     * Returns the page one comes to who goes there.
     */
    public function first(): string
    {
        return array_key_first($this->pages());
    }
}
