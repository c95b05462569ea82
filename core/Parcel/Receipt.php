<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** A lab's word that it has a parcel: sealed, and for this parcel alone. */
final readonly class Receipt
{
    /**
     * @param  string  $number  the lab's
     * @param  int  $pieces  all copies of all files
     * @param  ?float  $total  what it will cost, in $currency
     * @param  string  $at  when it was received, ISO 8601
     */
    private function __construct(
        public string $number,
        public int $files,
        public int $pieces,
        public ?float $total,
        public ?string $currency,
        public string $at,
    ) {}

    /**
     * Reads a receipt, once its seal agrees and it speaks of this parcel.
     *
     * @param  string  $json  as the lab wrote it, to the letter
     * @param  string  $seal  HMAC (RFC 2104) with SHA-256 of it under the key that studio and lab share, in hexadecimal
     * @param  string  $key  of the parcel
     * @param  string  $manifest  SHA-256 of the manifest that was sent
     *
     * @throws AnswerRefused
     */
    public static function read(string $json, string $seal, string $secret, string $key, string $manifest, int $files): self
    {
        if (! hash_equals(hash_hmac('sha256', $json, $secret), strtolower($seal))) {
            throw AnswerRefused::sealBroken();
        }
        try {
            $node = JsonNode::root(json_decode($json, true, 64, JSON_THROW_ON_ERROR));
            $of = $node->need('key')->string();
            if ($of !== $key) {
                throw AnswerRefused::receiptOfOtherParcel();
            }
            if ($node->need('manifest')->string() !== $manifest) {
                throw AnswerRefused::receiptOfOtherContents();
            }
            $total = $node->maybe('total');
            $receipt = new self(
                $node->need('number')->string(60),
                $node->need('files')->int(0, 100_000),
                $node->need('pieces')->int(0, 100_000_000),
                $total?->need('price')->number(0, 1e9),
                $total?->need('currency')->string(8),
                $node->need('at')->string(40),
            );
        } catch (OrderFileError|\JsonException $e) {
            throw AnswerRefused::unreadableReceipt($e);
        }
        if ($receipt->files !== $files) {
            throw AnswerRefused::otherCount($receipt->files, $files);
        }

        return $receipt;
    }
}
