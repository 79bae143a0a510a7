package longshoulder.files;

import java.awt.print.Book;
import java.awt.print.PageFormat;
import java.awt.print.Paper;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.printing.PDFPrintable;
import org.apache.pdfbox.printing.Scaling;

/** The printers that the system knows. */
public final class SystemPrinters implements Printers {

    public SystemPrinters() {
        super();
    }

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>();
        Optional.ofNullable(PrintServiceLookup.lookupDefaultPrintService()).map(PrintService::getName)
                .ifPresent(names::add);
        services().stream().map(PrintService::getName).filter(name -> !names.contains(name)).forEach(names::add);
        return names;
    }

    private static List<PrintService> services() {
        return Arrays.asList(PrintServiceLookup.lookupPrintServices(null, null));
    }

    @Override
    public void print(String printer, byte[] pdf, int from, int to) throws IOException {
        PrintService service = services().stream().filter(one -> one.getName().equals(printer)).findFirst()
                .orElseThrow(() -> new IOException("There is no printer (%s).".formatted(printer)));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PrinterJob job = PrinterJob.getPrinterJob();
            job.setPrintService(service);
            Book book = new Book();
            PDFPrintable printable = new PDFPrintable(document, Scaling.ACTUAL_SIZE);
            for (int page = from; page <= to; page++) {
                int shown = page;
                book.append((graphics, format, index) -> printable.print(graphics, format, shown),
                        format(document.getPage(page).getMediaBox()));
            }
            job.setPageable(book);
            job.print();
        } catch (PrinterException refused) {
            throw new IOException(refused);
        }
    }

    /** Paper of the size of a page, all of it to be printed on. */
    private static PageFormat format(PDRectangle page) {
        boolean across = page.getWidth() > page.getHeight();
        Paper paper = new Paper();
        paper.setSize(Math.min(page.getWidth(), page.getHeight()), Math.max(page.getWidth(), page.getHeight()));
        paper.setImageableArea(0, 0, paper.getWidth(), paper.getHeight());
        PageFormat format = new PageFormat();
        format.setPaper(paper);
        format.setOrientation(across ? PageFormat.LANDSCAPE : PageFormat.PORTRAIT);
        return format;
    }
}
