"""Writes a client's list as spreadsheets, with other people's libraries: openpyxl (XLSX) and odfpy (ODS). Takes the folder to write to."""

import datetime
import sys

import openpyxl
from odf.opendocument import OpenDocumentSpreadsheet
from odf.table import Table, TableCell, TableRow
from odf.text import P

folder = sys.argv[1]
rows = [
    ["Qty", "Picture", "Size", "Notes"],
    [2, "regatta", "5x7", "whole"],
    [1, "regatta.jpg", "8 x 10 in", "matte, no cropping"],
    [None, None, None, None],
    [12, "regatta", "4x6", ""],
]

book = openpyxl.Workbook()
for row in rows:
    book.active.append(row)
book.active["D5"] = "=1+1"
numbers = book.create_sheet("By number")
numbers["A1"], numbers["B1"], numbers["A2"], numbers["B2"] = "Number", "Size", 412, "8x10"
numbers["A2"].number_format = "0000"
numbers["A3"], numbers["B3"] = 415, datetime.date(2026, 5, 7)
numbers["B3"].number_format = "m-d"
hidden = book.create_sheet("Prices")
hidden["A1"] = "nobody sees this"
hidden.sheet_state = "hidden"
book.save(f"{folder}/list.xlsx")

text = OpenDocumentSpreadsheet()
table = Table(name="List")
for row in rows:
    line = TableRow()
    for value in row:
        cell = TableCell() if value is None else TableCell(
            valuetype="float" if isinstance(value, int) else "string", **({"value": value} if isinstance(value, int) else {}))
        if value is not None:
            cell.addElement(P(text=str(value)))
        line.addElement(cell)
    table.addElement(line)
text.spreadsheet.addElement(table)
text.save(f"{folder}/list.ods")

book = openpyxl.Workbook()
for i in range(5000):
    book.active.append([1, f"picture-{i}", "4x6"])
book.save(f"{folder}/long.xlsx")
