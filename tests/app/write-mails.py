"""Writes e-mails by Python's own email package: write-mails.py FOLDER PICTURE. Some of them are ill meant."""

import os
import sys
from email.message import EmailMessage
from email.policy import SMTP

folder, picture = sys.argv[1], open(sys.argv[2], "rb").read()


def mail(subject, text=None, **head):
    message = EmailMessage()
    message["From"] = "Rosalind Merrow <rosalind@merrow.example>"
    message["To"] = "studio@halloway.example"
    message["Subject"] = subject
    for name, value in head.items():
        message[name.replace("_", "-")] = value
    if text is not None:
        message.set_content(text)
    return message


def write(name, message):
    with open(f"{folder}/{name}.eml", "wb") as file:
        file.write(message if isinstance(message, bytes) else message.as_bytes(policy=SMTP))


order = mail(
    "Re: your pictures",
    """Hello Wren,

2 of regatta 8x10 – whole
regatta 5×7

Kind regards
Rosalind
-- 
Rosalind Merrow, 12 Quay Street
regatta 4x6

On Tue, 24 Nov 2026 at 10:12, Wren Halloway
<wren@halloway.example> wrote:
> Our prices: regatta 11x14 22.00
> Which would you like?
""",
    In_Reply_To="<1@halloway.example>",
)
order.add_attachment(picture, maintype="image", subtype="jpeg", filename="../../etc/regatta.jpg")
order.add_attachment(b"Picture;Size;Qty\nregatta.jpg;4x6;3\n", maintype="text", subtype="csv", filename="more.csv")
order.add_attachment(b"%PDF-1.4", maintype="application", subtype="pdf", filename="order.pdf")
write("order", order)

page = mail("Prints")
page.set_content(
    "<html><head><style>p {color: red}</style></head><body><p>Hi Wren,</p><table><tr><th>Picture</th><th>Size</th>"
    "<th>Qty</th></tr><tr><td>regatta</td><td>8&times;10</td><td>2</td></tr></table><ul><li>regatta 5x7</li><li><s>regatta 4x6</s></li></ul>"
    "<p style='display:none'>regatta 11x14</p><img src='http://pictures.example/seen.png'>"
    "<img src='cid:logo'></body></html>",
    subtype="html",
)
page.add_related(picture[:500], maintype="image", subtype="png", cid="<logo>", filename="logo.png", disposition="inline")
write("page", page)

write(
    "forward",
    mail(
        "Fwd: prints",
        "See below.\n\n---------- Forwarded message ---------\nFrom: Ada <ada@merrow.example>\nDate: Mon, 23 Nov 2026\n"
        "Subject: prints\nTo: Rosalind\n\n3 of regatta 8x10\n",
        In_Reply_To="<2@merrow.example>",
    ),
)
outer = mail("prints", "As Ada says.")
outer.add_attachment(mail("prints", "4 of regatta 8x10"))
write("passed-on", outer)
write(
    "between",
    mail(
        "Re: two questions",
        "On Tue, 24 Nov 2026, Wren wrote:\n> Which size?\nregatta 8x10\n> How many?\ntwo\n",
        In_Reply_To="<3@halloway.example>",
    ),
)
flowed = mail("Prints")
flowed.set_content("2 of regatta 8x10, \nwhole\n", params={"format": "flowed"}, cte="7bit")
write("flowed", flowed)

parts = mail("Prints", "regatta 8x10")
for i in range(1000):
    parts.add_attachment(b"x", maintype="application", subtype="octet-stream", filename=f"../../part-{i}.bin")
write("parts", parts)

head = b"From: a@merrow.example\r\nMIME-Version: 1.0\r\n"
deep = b"Content-Type: text/plain\r\n\r\nregatta 8x10\r\n"
for i in range(50):
    boundary = b"b%d" % i
    deep = b"Content-Type: multipart/mixed; boundary=%b\r\n\r\n--%b\r\n%b--%b--\r\n" % (boundary, boundary, deep, boundary)
write("deep", head + deep)
write("endless-head", head + b"".join(b"X-%d: a\r\n" % i for i in range(100_000)) + b"\r\nregatta 8x10\r\n")
write("nested-page", head + b"Content-Type: text/html\r\n\r\n" + b"<div>" * 20_000 + b"regatta 8x10" + b"</div>" * 20_000)
write("noise", os.urandom(50_000))
write("nothing", b"")
with open(f"{folder}/large.eml", "wb") as file:
    file.write(head + b"Content-Type: text/plain\r\n\r\n")
    for _ in range(95):
        file.write(b"regatta 8x10\r\n" * 71_000)
with open(f"{folder}/too-large.eml", "wb") as file:
    file.truncate(100_000_001)
