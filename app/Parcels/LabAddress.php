<?php

declare(strict_types=1);

namespace App\Parcels;

/** Where a lab’s service may be: at an address of the web, of this machine or its network, too, but not where services of our own are. */
final class LabAddress
{
    /** RFC 3927 and RFC 4291, 2.5.6: of this machine's link alone; what answers there tells secrets of the machine. */
    private const LINK_LOCAL = ['169.254.0.0/16', 'fe80::/10'];

    private const THIS_MACHINE = ['127.0.0.0/8', '::1/128', '0.0.0.0/8', '::/128'];

    /** Why it can't be one, in words; null where it can. */
    public static function trouble(string $url): ?string
    {
        $parts = parse_url($url);
        if ($parts === false || ! isset($parts['host']) || ! in_array($parts['scheme'] ?? '', ['http', 'https'], true)) {
            return 'Write the whole address, such as https://lab.example.';
        }
        if (isset($parts['user']) || isset($parts['pass']) || isset($parts['query']) || isset($parts['fragment'])) {
            return 'An address of a lab has no name or password in it, and nothing behind a ? or #. The key has its own field.';
        }
        $port = $parts['port'] ?? ($parts['scheme'] === 'https' ? 443 : 80);
        foreach (self::addresses($parts['host']) as $address) {
            if (self::isIn($address, self::LINK_LOCAL)) {
                return 'That address is of this machine’s own link (169.254.… or fe80:…), where no lab is.';
            }
            if (self::isOurs($address, $port)) {
                return "At that address is a service of Planisher’s own (port {$port}), and no lab.";
            }
        }

        return null;
    }

    /** @return list<string> as bytes, 4 or 16 of them */
    private static function addresses(string $host): array
    {
        $host = trim($host, '[]');
        $named =
            filter_var($host, FILTER_VALIDATE_IP) !== false
                ? [$host]
                : [...gethostbynamel($host) ?: [], ...array_column(@dns_get_record($host, DNS_AAAA) ?: [], 'ipv6')];
        $bytes = array_filter(array_map(fn (string $one): string|false => @inet_pton(explode('%', $one)[0]), $named), is_string(...));

        // An IPv4 address written as one of IPv6 (RFC 4291, 2.5.5.2).
        return array_values(
            array_map(fn (string $of): string => str_starts_with($of, str_repeat("\0", 10)."\xff\xff") ? substr($of, 12) : $of, $bytes),
        );
    }

    private static function isOurs(string $address, int $port): bool
    {
        $database = (array) config('database.connections.'.config('database.default'));
        $redis = (array) config('database.redis.default');
        $store = parse_url((string) config('filesystems.disks.s3.endpoint')) ?: [];
        $pages = parse_url((string) config('app.url')) ?: [];
        $ours = [
            [$database['host'] ?? '', (int) ($database['port'] ?? 3306)],
            [$redis['host'] ?? '', (int) ($redis['port'] ?? 6379)],
            [$store['host'] ?? '', $store['port'] ?? 443],
            [$pages['host'] ?? '', $pages['port'] ?? 443],
            ['127.0.0.1', (int) config('planisher.port')],
        ];
        foreach ($ours as [$host, $at]) {
            $there = $at === $port && $host !== '' ? self::addresses((string) $host) : [];
            foreach ($there as $one) {
                if ($one === $address || (self::isIn($one, self::THIS_MACHINE) && self::isIn($address, self::THIS_MACHINE))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<string>  $blocks  in CIDR notation (RFC 4632) */
    private static function isIn(string $address, array $blocks): bool
    {
        foreach ($blocks as $block) {
            [$net, $bits] = explode('/', $block);
            $net = (string) inet_pton($net);
            $whole = intdiv((int) $bits, 8);
            $mask = chr((0xFF << (8 - ((int) $bits % 8))) & 0xFF);
            if (
                strlen($net) === strlen($address) &&
                substr($net, 0, $whole) === substr($address, 0, $whole) &&
                ((int) $bits % 8 === 0 || ($net[$whole] & $mask) === ($address[$whole] & $mask))
            ) {
                return true;
            }
        }

        return false;
    }
}
